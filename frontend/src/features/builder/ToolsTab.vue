<script setup lang="ts">
import { computed, ref } from 'vue'
import type { WorkSketch } from '@/shared/api/types'
import CrowfootBox from '@/shared/ui/CrowfootBox.vue'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { dayText } from '@/shared/units'

const props = defineProps<{ work: WorkSketch }>()
const open = ref<string | null>(null)
const figures = computed(() =>
  props.work.operations.flatMap((operation) =>
    operation.steps
      .filter((step) => step.figure !== null && (step.tightening !== null || step.figure.path === 'drain.openingLimit'))
      .map((step) => ({ ...step, label: operation.label, why: operation.why })),
  ),
)
</script>

<template>
  <div class="two">
    <table class="plain">
      <thead>
        <tr>
          <th>Joint</th>
          <th>Figure</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="step in figures" :key="step.id">
          <td>
            <strong>{{ step.label }}</strong><br />{{ step.figure?.label }}
          </td>
          <td>
            <strong class="figure"
              >{{ step.figure?.path === 'drain.openingLimit' ? 'open at most ' : '' }}{{ step.figure?.text }}</strong
            >
            <br /><span class="muted small">{{ step.figure?.detail ?? step.beside }} · {{ step.figure?.source }}</span>
            <button
              v-if="step.tightening?.kind === 'torque'"
              type="button"
              class="mini"
              :aria-expanded="open === step.id"
              @click="open = open === step.id ? null : step.id"
            >
              with a crowfoot
            </button>
            <CrowfootBox
              v-if="open === step.id && step.tightening?.kind === 'torque'"
              :value="step.tightening.nominal"
              :unit="step.tightening.unit"
              :text="step.figure?.text ?? ''"
            />
            <br v-if="step.warning" /><span v-if="step.warning" class="small caution">{{ step.warning }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <table class="plain">
      <thead>
        <tr>
          <th>Tool</th>
          <th>Size</th>
          <th>For</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="tool in work.tools" :key="`${tool.name}${tool.size ?? ''}`">
          <td>{{ tool.name }}</td>
          <td>
            <strong>{{ tool.size ?? '' }}</strong>
            <template v-if="tool.wrench?.name">
              <br /><span class="small">{{ tool.wrench.name }}</span>
              <span class="muted small"> · calibrated {{ dayText(tool.wrench.calibratedOn ?? '') }}</span>
            </template>
            <br v-if="tool.wrench?.warning" /><span v-if="tool.wrench?.warning" class="small caution">{{
              tool.wrench.warning
            }}</span>
            <br v-if="tool.standIn" /><span v-if="tool.standIn" class="muted small"
              >{{ tool.standIn }} may stand in, not for the final torque</span
            >
          </td>
          <td>{{ tool.positions.join(', ') }} <WhyButton :about="tool.name" :text="tool.why" /></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
  align-items: start;
}

.figure {
  font-size: 16px;
}

.caution {
  color: var(--brass);
}
</style>
