<script setup lang="ts">
import { ref } from 'vue'
import type { Engine } from '@/shared/api/types'
import ReadingForm from '@/shared/engine/ReadingForm.vue'
import { dayText } from '@/shared/units'
import { refusalWords } from '@/shared/words'
import EngineForm from './EngineForm.vue'
import FittingForm from './FittingForm.vue'
import ReaderBox from './ReaderBox.vue'
import ServiceForm from './ServiceForm.vue'

/** One engine of the rig: what it is, its hours, and what can be written down of it. */
defineProps<{ engine: Engine; boatName: string; mayWrite: boolean }>()
const emit = defineEmits<{ changed: [] }>()
type Form = 'hours' | 'reader' | 'served' | 'declined' | 'move' | 'edit'
const open = ref<Form | null>(null)

function done(): void {
  open.value = null
  emit('changed')
}
</script>

<template>
  <div class="head">
    <div class="name">
      <h2>{{ engine.label }} · {{ engine.model }}</h2>
      <span class="muted">{{ engine.serial }}</span>
    </div>
    <p>
      <strong class="hours">{{ engine.hours === null ? 'no meter' : `${engine.hours} h` }}</strong>
      <span class="muted small">
        {{ engine.readOn ? `read ${dayText(engine.readOn)}` : ''
        }}{{
          engine.totalHours !== null && engine.totalHours !== engine.hours
            ? ` · ${engine.totalHours} h in all, over its meters`
            : ''
        }}{{
          engine.rate
            ? ` · about ${engine.rate.hoursAYear} h a year${engine.rate.thin ? ', from few readings' : ''}${engine.rate.change ? `, ${engine.rate.change}` : ''}`
            : ''
        }}</span
      >
    </p>
    <p class="muted small">
      in service since {{ dayText(engine.inService)
      }}{{ engine.warrantyUntil ? ` · warranty until ${dayText(engine.warrantyUntil)}` : ''
      }}{{
        engine.identification.sheet
          ? ` · sheet ${engine.identification.sheet.id} rev. ${engine.identification.sheet.revision}`
          : ''
      }}
    </p>
    <p v-if="engine.identification.refusal" class="band stop">
      <strong>{{ refusalWords[engine.identification.refusal.reason] }}.</strong>
      {{ engine.identification.refusal.message }} {{ engine.identification.refusal.remedy }}
    </p>
    <div class="acts">
      <button type="button" class="mini" @click="open = 'hours'">Enter hours</button>
      <button v-if="engine.hasMeter" type="button" class="mini" @click="open = 'reader'">Ask the reader</button>
      <template v-if="mayWrite">
        <button v-if="engine.dues.length" type="button" class="link" @click="open = 'served'">Done elsewhere</button>
        <button v-if="engine.dues.length" type="button" class="link" @click="open = 'declined'">Declined</button>
        <button type="button" class="link" @click="open = 'move'">Move</button>
        <button type="button" class="link" @click="open = 'edit'">Edit</button>
      </template>
      <RouterLink :to="`/engines/${engine.id}/log`">Log</RouterLink>
    </div>
    <ReadingForm v-if="open === 'hours'" :engine="engine" :last="engine.hours" @close="open = null" @kept="done" />
    <ReaderBox v-else-if="open === 'reader'" :engine="engine" @close="open = null" @kept="emit('changed')" />
    <ServiceForm
      v-else-if="open === 'served' || open === 'declined'"
      :engine="engine"
      :declined="open === 'declined'"
      @close="open = null"
      @kept="done"
    />
    <FittingForm
      v-else-if="open === 'move'"
      :engine="engine"
      :boat-id="engine.boatId"
      :boat-name="boatName"
      @close="open = null"
      @moved="done"
    />
    <EngineForm v-else-if="open === 'edit'" :engine="engine" :boat="null" @close="open = null" @kept="done" />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.name {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  justify-content: space-between;
  align-items: baseline;
}

.hours {
  font-size: 18px;
  margin-right: 6px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: center;
}

.link {
  font: inherit;
  border: 0;
  padding: 0 2px;
  background: none;
  color: var(--green);
  text-decoration: underline;
  cursor: pointer;
  min-height: 28px;
}

.acts a {
  display: inline-flex;
  align-items: center;
  min-height: 28px;
}
</style>
