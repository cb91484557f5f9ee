<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, asProblem, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Engine, LogLine } from '@/shared/api/types'
import { useEverythingChanged } from '@/shared/api/everything'
import { usePress } from '@/shared/api/usePress'
import DayField from '@/shared/ui/DayField.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import TakeBackForm from '@/shared/ui/TakeBackForm.vue'
import { dayText, hoursInput } from '@/shared/units'

/** Strikes one line of the log. Of a reading the right figure may be given in the same go. */
const props = defineProps<{ engine: Engine; line: LogLine }>()
const emit = defineEmits<{ close: [] }>()
const queries = useQueryClient()
const everythingChanged = useEverythingChanged()
const right = ref({ on: props.line.content.on, hours: '', sure: false })
const isReading = computed(() => props.line.kind === 'reading')
const name = computed(() =>
  props.line.kind === 'reading' ? `${props.line.content.hours} h` : props.line.content.title.toLowerCase(),
)

function struck(why: string) {
  const { line } = props
  if (line.kind !== 'reading') {
    return api.POST('/api/engines/{id}/log/{kind}/{line}/taking-back', {
      params: { path: { id: props.engine.id, kind: line.kind, line: line.id } },
      body: { why },
    })
  }
  const { on, hours, sure } = right.value
  const estimate = line.content.source === 'estimate'
  const instead = hours.trim() === '' ? null : { on, hours: hoursInput(hours), estimate, sure, newMeter: null }
  return api.POST('/api/engines/{id}/readings/{line}/taking-back', {
    params: { path: { id: props.engine.id, line: line.id } },
    body: { why, instead },
  })
}
const take = usePress({
  mutationFn: (why: string) => answered(struck(why)),
  onSuccess: async (log) => {
    queries.setQueryData(keys.engineLog(props.engine.id), log)
    emit('close')
    await everythingChanged()
  },
})
const field = fieldsOf(take.error)
const asksWhetherSure = computed(() => asProblem(take.error.value)?.details.canBeConfirmed === true || right.value.sure)
</script>

<template>
  <TakeBackForm
    :title="
      isReading ? `Correct ${name} of ${dayText(line.content.on)}` : `Take back: ${name}, ${dayText(line.content.on)}`
    "
    :action="isReading && right.hours.trim() !== '' ? 'Put it right' : 'Strike it'"
    :reasons="isReading ? ['misread', 'another engine’s meter', 'wrong day'] : ['entered by mistake', 'another engine']"
    :error="take.error.value"
    :busy="take.isPending.value"
    @take="(why) => take.mutate(why)"
    @close="emit('close')"
  >
    <p class="band">
      It stays in the log, struck through. What is due is worked out anew{{
        isReading ? ', and an open draft with this figure gets the right one' : ''
      }}. A message that went out because of it can’t be called back.
    </p>
    <div v-if="isReading" class="two">
      <LabelledField
        label="What the meter really showed"
        for="right-hours"
        :error="field('/instead/hours') ?? field('/hours')"
        hint="leave it empty to strike the reading only"
      >
        <span><input id="right-hours" v-model="right.hours" class="cell figure" inputmode="decimal" /> h</span>
      </LabelledField>
      <LabelledField label="Read on" for="right-on" :error="field('/instead/on') ?? field('/on')">
        <DayField id="right-on" v-model="right.on" required />
      </LabelledField>
    </div>
    <el-checkbox
      v-if="asksWhetherSure"
      :model-value="right.sure"
      @update:model-value="(sure) => (right.sure = sure === true)"
      >I looked again: it is right all the same</el-checkbox
    >
  </TakeBackForm>
</template>
