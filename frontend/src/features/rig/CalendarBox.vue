<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import ProblemNote from '@/shared/ui/ProblemNote.vue'

/** The secret address under which a calendar program fetches what is due. */
const props = defineProps<{ boatId: number | null; token: string | null }>()
const emit = defineEmits<{ renewed: [] }>()
const renewing = ref(false)
const address = computed(() => `${window.location.origin}/calendar/${props.token}.ics`)
const renew = usePress({
  mutationFn: async () =>
    props.boatId === null
      ? answered(api.POST('/api/calendar'))
      : answered(api.POST('/api/boats/{id}/calendar', { params: { path: { id: props.boatId } } })),
  onSuccess: () => {
    renewing.value = false
    emit('renewed')
  },
})
</script>

<template>
  <div class="stack tight">
    <p class="muted small">
      A calendar program that subscribes to this address shows what is due, and moves it when it moves. Whoever has the
      address can read it.
    </p>
    <template v-if="token">
      <input
        class="cell wide"
        readonly
        :value="address"
        aria-label="Address of the calendar"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <p class="row">
        <a :href="address">Open it</a>
        <button v-if="!renewing" type="button" class="mini" @click="renewing = true">New address</button>
        <template v-else>
          <span class="small">The old address ends: every calendar that has it goes empty.</span>
          <button type="button" class="mini" :disabled="renew.isPending.value" @click="renew.mutate()">
            {{ renew.isPending.value ? 'Making one …' : 'Yes, a new address' }}
          </button>
          <button type="button" class="mini" @click="renewing = false">Keep this one</button>
        </template>
      </p>
    </template>
    <p v-else>
      <button type="button" class="mini" :disabled="renew.isPending.value" @click="renew.mutate()">
        {{ renew.isPending.value ? 'Making one …' : 'Make an address' }}
      </button>
    </p>
    <ProblemNote :error="renew.error.value" />
  </div>
</template>

<style scoped>
.tight {
  gap: 6px;
}
</style>
