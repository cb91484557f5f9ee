<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { components } from '@/shared/api/schema'
import { usePress } from '@/shared/api/usePress'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'

/** A customer who was entered twice: the boats go to the other entry, this one is removed and can be brought back. */
const props = defineProps<{ customer: components['schemas']['Customer']; boats: string[] }>()
const emit = defineEmits<{ close: []; joined: [into: number] }>()
const text = ref('')
const chosen = ref<number | null>(null)
const { data } = useQuery({
  queryKey: computed(() => keys.customers(text.value.trim())),
  queryFn: ({ signal }) => answered(api.GET('/api/customers', { params: { query: { q: text.value.trim() } }, signal })),
  enabled: computed(() => text.value.trim() !== ''),
})
const others = computed(() => (data.value?.customers ?? []).filter((each) => each.id !== props.customer.id))
const join = usePress({
  mutationFn: () =>
    answered(
      api.POST('/api/customers/{id}/joining', {
        params: { path: { id: props.customer.id } },
        body: { into: chosen.value ?? 0 },
      }),
    ),
  onSuccess: (page) => {
    emit('joined', page.customer.id)
  },
})
</script>

<template>
  <FormDialog
    :title="`${customer.name} was entered twice`"
    action="Join them"
    :error="join.error.value"
    :busy="join.isPending.value"
    @send="join.mutate()"
    @close="emit('close')"
  >
    <p class="band">
      {{ boats.length === 0 ? 'No boat is theirs.' : `${boats.join(', ')} will be the other one’s.` }} This entry is
      removed, and can be brought back with its boats.
    </p>
    <LabelledField label="The entry that stays" for="join-name" hint="type how the name begins">
      <input id="join-name" v-model="text" class="cell wide" autocomplete="off" />
    </LabelledField>
    <label v-for="other in others" :key="other.id" class="row"
      ><input v-model="chosen" type="radio" name="other" :value="other.id" required /> {{ other.name }}
      <span class="muted small">{{ [other.phone, other.email].filter((each) => each).join(' · ') }}</span></label
    >
    <p v-if="text.trim() !== '' && data && others.length === 0" class="muted">No other customer begins so.</p>
  </FormDialog>
</template>
