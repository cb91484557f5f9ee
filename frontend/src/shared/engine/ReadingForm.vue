<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api, asProblem, fieldsOf } from '@/shared/api/client'
import type { EngineIdentity } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import DayField from '@/shared/ui/DayField.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import { dayInput, hoursInput } from '@/shared/units'

/** A reading of the meter. A figure that can't be right is asked about: a slip, a new meter, or right after all. */
const props = defineProps<{ engine: EngineIdentity; last: string | null; start?: string }>()
const emit = defineEmits<{ close: []; kept: [hours: string] }>()
const form = ref({
  on: dayInput(new Date()),
  hours: props.start ?? '',
  estimate: !props.engine.hasMeter,
  newMeter: false,
  oldEnd: props.last ?? '',
  newStart: '0',
  sure: false,
})
const keep = usePress({
  mutationFn: () => {
    const { on, hours, estimate, sure, newMeter, oldEnd, newStart } = form.value
    return answered(
      api.POST('/api/engines/{id}/readings', {
        params: { path: { id: props.engine.id } },
        body: {
          on,
          hours: hoursInput(hours),
          estimate,
          sure,
          newMeter: newMeter ? { oldEnd: hoursInput(oldEnd), newStart: hoursInput(newStart) } : null,
        },
      }),
    )
  },
  onSuccess: (reading) => {
    emit('kept', reading.hours)
  },
})
const problem = computed(() => asProblem(keep.error.value))
const field = fieldsOf(keep.error)
const asksForMeter = computed(() => problem.value?.key === 'reading.lower' || form.value.newMeter)
const asksWhetherSure = computed(() => problem.value?.details.canBeConfirmed === true || form.value.sure)
</script>

<template>
  <FormDialog
    :title="`Hours of ${engine.label} · ${engine.model} ${engine.serial}`"
    action="Keep the reading"
    :error="keep.error.value"
    :busy="keep.isPending.value"
    :width="480"
    @send="keep.mutate()"
    @close="emit('close')"
  >
    <div class="two">
      <LabelledField label="Read on" for="reading-on" :error="field('/on')">
        <DayField id="reading-on" v-model="form.on" required />
      </LabelledField>
      <LabelledField
        :label="form.estimate ? 'Hours, the owner’s estimate' : 'Hours on the meter'"
        for="reading-hours"
        :hint="last === null ? undefined : `last ${last} h`"
      >
        <span class="unit"
          ><input
            id="reading-hours"
            v-model="form.hours"
            class="cell figure"
            inputmode="decimal"
            required
            :aria-invalid="field('/hours') !== undefined"
          />
          h</span
        >
      </LabelledField>
    </div>
    <FieldNote :text="field('/hours')" />
    <label v-if="!engine.hasMeter" class="row"
      ><input v-model="form.estimate" type="checkbox" disabled /> the owner’s estimate: kept as one, and never counted.
      Without a meter the calendar decides alone.</label
    >
    <label v-if="asksForMeter" class="row"
      ><input v-model="form.newMeter" type="checkbox" /> <strong>A new meter was fitted.</strong></label
    >
    <div v-if="form.newMeter" class="two">
      <LabelledField label="The old one ended at" for="reading-end" :error="field('/newMeter/oldEnd')">
        <span class="unit"
          ><input id="reading-end" v-model="form.oldEnd" class="cell figure" inputmode="decimal" required /> h</span
        >
      </LabelledField>
      <LabelledField label="The new one began at" for="reading-start" :error="field('/newMeter/newStart')">
        <span class="unit"
          ><input id="reading-start" v-model="form.newStart" class="cell figure" inputmode="decimal" required /> h</span
        >
      </LabelledField>
    </div>
    <p v-if="form.newMeter" class="muted small">The engine’s true total goes on from the old meter’s end.</p>
    <label v-if="asksWhetherSure" class="row"
      ><input v-model="form.sure" type="checkbox" /> <strong>Read again: it is right.</strong></label
    >
  </FormDialog>
</template>

<style scoped>
.unit {
  white-space: nowrap;
}
</style>
