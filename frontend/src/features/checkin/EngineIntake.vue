<script setup lang="ts">
import { computed, ref } from 'vue'
import Dipstick from '@/drawing/Dipstick.vue'
import type { DraftEngine, Engine } from '@/shared/api/types'
import { widths } from '@/shared/api/widths'
import IdentificationNote from '@/shared/engine/IdentificationNote.vue'
import ReadingForm from '@/shared/engine/ReadingForm.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import WholeField from '@/shared/ui/WholeField.vue'
import { decimalInput } from '@/shared/units'

/** One engine at the counter: its plate, its meter, its oil as it arrived. */
const engine = defineModel<DraftEngine>({ required: true })
const props = defineProps<{
  known: Engine
  models: { code: string; maker: string }[]
  fieldError: (name: string) => string | undefined
}>()

const reading = computed(() => {
  const value = Number(decimalInput(engine.value.reading ?? ''))
  return engine.value.reading === null || engine.value.reading === '' || Number.isNaN(value) ? null : value
})
const noMeter = computed({
  get: () => engine.value.hours === null,
  set: (none: boolean) => (engine.value.hours = none ? null : ''),
})
if (engine.value.hours === null && props.known.hasMeter) {
  engine.value.hours = ''
}
const year = computed({ get: () => engine.value.year ?? null, set: (to) => (engine.value.year = to) })
const gearcase = computed({ get: () => engine.value.gearcase ?? null, set: (to) => (engine.value.gearcase = to) })
/** A reading in doubt is entered by itself, where the question about it can be answered. */
const asking = ref(false)
function kept(hours: string): void {
  engine.value.hours = hours
  asking.value = false
}
const id = (name: string): string => `${name}-${props.known.position}`
</script>

<template>
  <section class="panel stack" :aria-label="known.label">
    <h2>{{ known.label }}</h2>
    <div class="plate field-group">
      <label :for="id('model')">Model</label>
      <label :for="id('serial')">Serial number</label>
      <select :id="id('model')" v-model="engine.model">
        <option v-for="model in models" :key="model.code" :value="model.code">
          {{ model.code }} · {{ model.maker }}
        </option>
      </select>
      <el-input :id="id('serial')" v-model="engine.serial" :maxlength="widths.DraftEngine.serial" />
    </div>
    <IdentificationNote v-model:year="year" v-model:gearcase="gearcase" :model="engine.model" :serial="engine.serial" />
    <FieldNote :text="fieldError('serial') ?? fieldError('model')" />

    <div class="hours field-group">
      <label :for="id('hours')" class="strong">Hours now</label>
      <div class="row">
        <el-input
          :id="id('hours')"
          :model-value="engine.hours ?? ''"
          class="short"
          inputmode="decimal"
          :disabled="noMeter"
          @update:model-value="(text: string) => (engine.hours = text)"
        >
          <template #append>h</template>
        </el-input>
        <el-checkbox :model-value="noMeter" @update:model-value="(none) => (noMeter = none === true)"
          >no meter</el-checkbox
        >
        <span v-if="known.hours !== null" class="muted small">last {{ known.hours }} h</span>
      </div>
      <FieldNote :text="fieldError('hours')" />
      <button v-if="fieldError('hours') && !noMeter" type="button" class="mini" @click="asking = true">
        A new meter, or right all the same
      </button>
      <ReadingForm
        v-if="asking"
        :engine="known"
        :last="known.hours"
        :start="engine.hours ?? ''"
        @close="asking = false"
        @kept="kept"
      />
    </div>

    <div class="field-group">
      <span class="strong">Oil level as it arrived</span>
      <div class="row arrival">
        <Dipstick :reading="reading" @pick="(at) => (engine.reading = at.toFixed(2))" />
        <div class="stack tight">
          <label>
            reading, from 0 (low) to 1 (top)
            <el-input
              :model-value="engine.reading ?? ''"
              inputmode="decimal"
              placeholder="not read"
              @update:model-value="(text: string) => (engine.reading = text === '' ? null : text)"
            />
          </label>
          <label
            >rested since it ran
            <WholeField
              v-model="engine.restMin"
              label="rested since it ran"
              unit="min"
              :min="0"
              :max="100000"
              flaw="Whole minutes; 0 if it has just run."
          /></label>
        </div>
      </div>
      <FieldNote :text="fieldError('reading') ?? fieldError('restMin')" />
      <div v-if="reading !== null && reading > 1" class="band stop">
        <strong>Above the top mark: fuel or water in the oil, or an earlier overfill.</strong>
        <label>
          What was found (the oil is not changed before this is known)
          <el-input
            type="textarea"
            :rows="2"
            :model-value="engine.decision ?? ''"
            @update:model-value="(text: string) => (engine.decision = text === '' ? null : text)"
          />
        </label>
      </div>
    </div>
  </section>
</template>

<style scoped>
.stack {
  gap: 10px;
}

.tight {
  gap: 4px;
  width: 210px;
}

.plate {
  display: grid;
  grid-template-columns: 170px 1fr;
  gap: 2px 10px;
}

.plate label,
.strong {
  font-weight: 600;
}

select {
  font: inherit;
  height: 32px;
  border: 1px solid var(--field-line);
  border-radius: 3px;
  background: var(--panel);
  color: var(--ink);
}

.short {
  width: 150px;
}

.arrival {
  flex-wrap: nowrap;
}

.arrival .dipstick {
  max-width: 300px;
}
</style>
