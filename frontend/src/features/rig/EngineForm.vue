<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { EngineIdentity } from '@/shared/api/types'
import { widths } from '@/shared/api/widths'
import { usePress } from '@/shared/api/usePress'
import IdentificationNote from '@/shared/engine/IdentificationNote.vue'
import DayField from '@/shared/ui/DayField.vue'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import { dayInput } from '@/shared/units'
import { positionWords } from '@/shared/words'

/** An engine's plate and days; a new one can be hung on its boat at once. */
const props = defineProps<{
  engine: EngineIdentity | null
  boat: { id: number; name: string; taken: string[] } | null
}>()
const emit = defineEmits<{ close: []; kept: [] }>()
const { data: book } = useQuery({
  queryKey: keys.quoteForm,
  queryFn: () => answered(api.GET('/api/quotes')),
  staleTime: Infinity,
})
const free = computed(() => Object.keys(positionWords).filter((position) => !props.boat?.taken.includes(position)))
const form = ref({
  model: props.engine?.model ?? '',
  serial: props.engine?.serial ?? '',
  year: props.engine?.year ?? null,
  gearcase: props.engine?.gearcase ?? null,
  inService: props.engine?.inService ?? dayInput(new Date()),
  warrantyUntil: props.engine?.warrantyUntil ?? '',
  hasMeter: props.engine?.hasMeter ?? true,
  position: props.boat?.taken.length === 0 ? 'single' : 'port',
})
if (props.boat && !free.value.includes(form.value.position)) {
  form.value.position = free.value[0] ?? 'single'
}
/** Kept once the engine is in the register, should hanging it fail: it is not entered twice. */
const added = ref<EngineIdentity | null>(null)
const keep = usePress({
  mutationFn: async () => {
    const { position, ...plate } = form.value
    const body = {
      ...plate,
      serial: plate.serial.trim(),
      warrantyUntil: plate.warrantyUntil === '' ? null : plate.warrantyUntil,
    }
    if (props.engine) {
      const params = { path: { id: props.engine.id } }
      return answered(api.PUT('/api/engines/{id}', { params, body: { ...body, version: props.engine.version } }))
    }
    added.value ??= await answered(api.POST('/api/engines', { body }))
    if (props.boat) {
      const params = { path: { id: added.value.id } }
      return answered(
        api.PUT('/api/engines/{id}/fitting', {
          params,
          body: { boatId: props.boat.id, position: position as 'single', on: form.value.inService, swap: false },
        }),
      )
    }
    return added.value
  },
  onSuccess: () => {
    emit('kept')
  },
})
const field = fieldsOf(keep.error)
</script>

<template>
  <FormDialog
    :title="engine ? `${engine.model} ${engine.serial}` : boat ? `New engine on ${boat.name}` : 'New engine'"
    :action="engine ? 'Keep the changes' : 'Add the engine'"
    :error="keep.error.value"
    :busy="keep.isPending.value"
    @send="keep.mutate()"
    @close="emit('close')"
  >
    <div class="two">
      <LabelledField label="Model" for="engine-model" :error="field('/model')">
        <input
          id="engine-model"
          v-model="form.model"
          class="cell wide"
          list="engine-models"
          required
          :maxlength="widths.NewEngine.model"
        />
        <datalist id="engine-models">
          <option v-for="model in book?.models ?? []" :key="model.code" :value="model.code">{{ model.maker }}</option>
        </datalist>
      </LabelledField>
      <LabelledField label="Serial number, as on the plate" for="engine-serial" :error="field('/serial')">
        <input
          id="engine-serial"
          v-model="form.serial"
          class="cell wide"
          required
          :maxlength="widths.NewEngine.serial"
        />
      </LabelledField>
    </div>
    <IdentificationNote
      v-if="form.model && form.serial"
      v-model:year="form.year"
      v-model:gearcase="form.gearcase"
      :model="form.model"
      :serial="form.serial"
    />
    <div class="two">
      <LabelledField label="In service since" for="engine-service" :error="field('/inService')">
        <DayField id="engine-service" v-model="form.inService" required />
      </LabelledField>
      <LabelledField
        label="Maker’s warranty until"
        for="engine-warranty"
        :error="field('/warrantyUntil')"
        hint="empty: none, or not known"
      >
        <DayField id="engine-warranty" v-model="form.warrantyUntil" />
      </LabelledField>
      <LabelledField v-if="boat && !engine" label="Place" for="engine-position" :error="field('/position')">
        <select id="engine-position" v-model="form.position" class="cell">
          <option v-for="position in free" :key="position" :value="position">{{ positionWords[position] }}</option>
        </select>
      </LabelledField>
      <label class="row"><input v-model="form.hasMeter" type="checkbox" /> it has an hour meter</label>
    </div>
  </FormDialog>
</template>
