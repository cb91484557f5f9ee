<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, asProblem, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { EngineIdentity } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import DayField from '@/shared/ui/DayField.vue'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import { dayInput } from '@/shared/units'
import { positionWords } from '@/shared/words'

/** Moves an engine: to another place or boat, swapped with the one there, or into the store. Its record goes with it. */
const props = defineProps<{ engine: EngineIdentity; boatId: number | null; boatName: string | null }>()
const emit = defineEmits<{ close: []; moved: [] }>()
const form = ref({
  on: dayInput(new Date()),
  store: false,
  boat: props.boatName ?? '',
  position: props.engine.position ?? 'single',
  swap: false,
})
const queries = useQueryClient()
const search = (text: string) => ({
  queryKey: keys.search(text),
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    answered(api.GET('/api/search', { params: { query: { q: text } }, signal })),
})
const { data: found } = useQuery(
  computed(() => ({
    ...search(form.value.boat.trim()),
    enabled: form.value.boat.trim() !== '' && form.value.boat !== props.boatName,
    placeholderData: <T,>(before: T) => before,
  })),
)
/** Whoever is faster than the list: the boat of exactly this name, or 0, which the server knows nothing of. */
async function named(name: string): Promise<number> {
  const answer = await queries.query(search(name))
  return answer.boats.find((boat) => boat.name === name)?.boatId ?? 0
}
const boats = computed(() => found.value?.boats ?? [])
const target = computed(() =>
  form.value.boat === props.boatName
    ? props.boatId
    : (boats.value.find((boat) => boat.name === form.value.boat)?.boatId ?? null),
)
const move = usePress({
  mutationFn: async () => {
    const { on, store, position, swap } = form.value
    const params = { path: { id: props.engine.id } }
    if (store) {
      return answered(api.POST('/api/engines/{id}/taking-off', { params, body: { on } }))
    }
    return answered(
      api.PUT('/api/engines/{id}/fitting', {
        params,
        body: {
          boatId: target.value ?? (await named(form.value.boat.trim())),
          position: position as 'single',
          on,
          swap,
        },
      }),
    )
  },
  onSuccess: () => {
    emit('moved')
  },
})
const problem = computed(() => asProblem(move.error.value))
const field = fieldsOf(move.error)
const taken = computed(() => problem.value?.key === 'register.place_taken' || form.value.swap)
</script>

<template>
  <FormDialog
    :title="`Move ${engine.model} ${engine.serial}`"
    :action="form.store ? 'Take it off' : form.swap ? 'Swap the two' : 'Hang it there'"
    :error="move.error.value"
    :busy="move.isPending.value"
    @send="move.mutate()"
    @close="emit('close')"
  >
    <label v-if="boatId !== null" class="row"
      ><input v-model="form.store" type="checkbox" /> off the boat, into the store</label
    >
    <div v-if="!form.store" class="two">
      <LabelledField
        label="Boat"
        for="fit-boat"
        :error="field('/boatId')"
        :hint="target === null && form.boat !== '' ? 'Choose a boat from the list.' : undefined"
      >
        <input id="fit-boat" v-model="form.boat" class="cell wide" list="fit-boats" required autocomplete="off" />
        <datalist id="fit-boats">
          <option v-for="boat in boats" :key="boat.boatId" :value="boat.name">{{ boat.customer }}</option>
        </datalist>
      </LabelledField>
      <LabelledField label="Place" for="fit-position" :error="field('/position')">
        <select id="fit-position" v-model="form.position" class="cell">
          <option v-for="(word, position) in positionWords" :key="position" :value="position">{{ word }}</option>
        </select>
      </LabelledField>
    </div>
    <LabelledField label="On" for="fit-on" :error="field('/on')">
      <DayField id="fit-on" v-model="form.on" required />
    </LabelledField>
    <label v-if="taken && !form.store" class="row"
      ><input v-model="form.swap" type="checkbox" />
      <strong>Swap: the engine that hangs there goes to where this one comes from.</strong></label
    >
    <p class="muted small">Hours, services and what was declined stay with the engine, whatever it hangs on.</p>
  </FormDialog>
</template>
