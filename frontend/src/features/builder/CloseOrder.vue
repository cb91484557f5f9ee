<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { OrderView } from '@/shared/api/types'
import { useEverythingChanged } from '@/shared/api/everything'
import { usePress } from '@/shared/api/usePress'
import { useShop } from '@/shared/session'
import TakeBackForm from '@/shared/ui/TakeBackForm.vue'
import { momentText } from '@/shared/units'

/** Discards a draft, or cancels an order of which nothing was done; with it, if another boat had come, its readings. */
const props = defineProps<{ view: OrderView; settled: () => Promise<string> }>()
const emit = defineEmits<{ close: []; closed: [] }>()
const everythingChanged = useEverythingChanged()
const { timeZone } = useShop()
const otherBoat = ref(false)
const isDraft = computed(() => props.view.order.status === 'draft')
const { data: boat } = useQuery({
  queryKey: keys.boat(props.view.boat.id),
  queryFn: () => answered(api.GET('/api/boats/{id}', { params: { path: { id: props.view.boat.id } } })),
})
/** What can't be called back. */
const sent = computed(() =>
  (boat.value?.messages ?? []).filter(
    (message) => message.failure === null && message.writtenAt >= props.view.order.openedAt,
  ),
)
const close = usePress({
  mutationFn: async (why: string) =>
    answered(
      api.POST('/api/orders/{number}/closing', {
        params: { path: { number: props.view.order.number } },
        body: {
          version: isDraft.value ? await props.settled() : props.view.order.version,
          why,
          otherBoat: otherBoat.value,
        },
      }),
    ),
  onSuccess: async () => {
    emit('closed')
    await everythingChanged()
  },
})
</script>

<template>
  <TakeBackForm
    :title="`${isDraft ? 'Discard the draft' : 'Cancel the order'} ${view.order.number} of ${view.boat.name}`"
    :action="isDraft ? 'Discard the draft' : 'Cancel the order'"
    :reasons="['the owner does not want it', 'checked in twice', 'another boat had come']"
    :error="close.error.value"
    :busy="close.isPending.value"
    @take="(why) => close.mutate(why)"
    @close="emit('close')"
  >
    <p class="band">It stays to be read, leaves the board, and can be brought back.</p>
    <fieldset class="stack">
      <legend>Readings and plates of this check-in</legend>
      <label><input v-model="otherBoat" type="radio" :value="false" /> are right: they stay in the register</label>
      <label
        ><input v-model="otherBoat" type="radio" :value="true" /> are another boat’s: they are taken back, and what is
        due is worked out anew</label
      >
    </fieldset>
    <p v-for="message in sent" :key="message.id" class="band stop">
      <strong>Gone already:</strong> “{{ message.subject }}” went to {{ message.recipient }} on
      {{ momentText(message.writtenAt, timeZone) }}. Tell the owner yourself.
    </p>
  </TakeBackForm>
</template>

<style scoped>
fieldset {
  gap: 6px;
}

legend {
  font-weight: 600;
  margin-bottom: 4px;
}
</style>
