<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api, fieldsOf, Told } from '@/shared/api/client'
import type { Due, Engine } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import DayField from '@/shared/ui/DayField.vue'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import { dayInput, hoursInput } from '@/shared/units'
import { actionWords } from '@/shared/words'

/** Work that was done elsewhere, with what shows it; or work that the owner did not want. */
const props = defineProps<{ engine: Engine; declined: boolean; task?: Due['task'] }>()
const emit = defineEmits<{ close: []; kept: [] }>()
const form = ref<{ task: Due['task'] | ''; action: Due['action'] | ''; on: string; hours: string; text: string }>({
  task: props.task ?? '',
  action: '',
  on: dayInput(new Date()),
  hours: '',
  text: '',
})
const due = computed(() => props.engine.dues.find((each) => each.task === form.value.task))
function missing(): never {
  throw new Told('Choose the task first.')
}
const keep = usePress({
  mutationFn: () => {
    const { task: chosen, action, on, hours, text } = form.value
    const task = chosen === '' ? missing() : chosen
    const params = { path: { id: props.engine.id } }
    return props.declined
      ? answered(api.POST('/api/engines/{id}/refusals', { params, body: { task, on, note: text } }))
      : answered(
          api.POST('/api/engines/{id}/services', {
            params,
            body: {
              task,
              action: action === '' ? null : action,
              on,
              hours: hours.trim() === '' ? null : hoursInput(hours),
              evidence: text,
            },
          }),
        )
  },
  onSuccess: () => {
    emit('kept')
  },
})
const field = fieldsOf(keep.error)
</script>

<template>
  <FormDialog
    :title="`${declined ? 'Declined by the owner' : 'Done elsewhere'}: ${engine.label} · ${engine.model} ${engine.serial}`"
    :action="declined ? 'Write it down: it stays due' : 'Write it down'"
    :error="keep.error.value"
    :busy="keep.isPending.value"
    @send="keep.mutate()"
    @close="emit('close')"
  >
    <div class="two">
      <LabelledField label="Task" for="service-task">
        <select id="service-task" v-model="form.task" class="cell" required>
          <option value="" disabled>choose the task</option>
          <option v-for="each in engine.dues" :key="each.task" :value="each.task">{{ each.title }}</option>
        </select>
      </LabelledField>
      <LabelledField v-if="!declined" label="What was done" for="service-action">
        <select id="service-action" v-model="form.action" class="cell">
          <option value="">{{ due ? actionWords[due.action] : '' }}, as the sheet schedules</option>
          <option v-for="(word, action) in actionWords" :key="action" :value="action">{{ word }}</option>
        </select>
      </LabelledField>
      <LabelledField :label="declined ? 'Declined on' : 'Done on'" for="service-on" :error="field('/on')">
        <DayField id="service-on" v-model="form.on" required />
      </LabelledField>
      <LabelledField
        v-if="!declined && engine.hasMeter"
        label="Hours on the meter then"
        for="service-hours"
        :error="field('/hours')"
        hint="leave it empty if nobody knows"
      >
        <span><input id="service-hours" v-model="form.hours" class="cell figure" inputmode="decimal" /> h</span>
      </LabelledField>
    </div>
    <LabelledField
      :label="declined ? 'What the owner said' : 'What shows it'"
      for="service-text"
      :error="field(declined ? '/note' : '/evidence')"
    >
      <input
        id="service-text"
        v-model="form.text"
        class="cell wide"
        :required="!declined"
        maxlength="200"
        :placeholder="
          declined ? 'such as: not before the winter' : 'such as an invoice with its number, or a stamped book'
        "
      />
    </LabelledField>
  </FormDialog>
</template>
