<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Draft, Plan, WorkOrder, WorkSketch } from '@/shared/api/types'
import { spelt } from '@/shared/figures'
import PlateTable from '@/shared/ui/PlateTable.vue'
import CartTab from './CartTab.vue'
import CautionsTab from './CautionsTab.vue'
import FluidsTab from './FluidsTab.vue'
import LabourTab from './LabourTab.vue'
import PartsTab from './PartsTab.vue'
import StepsTab from './StepsTab.vue'
import TimelineTab from './TimelineTab.vue'
import ToolsTab from './ToolsTab.vue'

/** The order itself, leaf by leaf. */
const props = defineProps<{
  work: WorkSketch
  /** With the plates of its engines; null: not worked out yet. */
  whole: WorkOrder | null
  plan: Pick<Plan, 'timeline' | 'aloneMin'> | null
  /** Another plan will be issued: this is the first one that was found. */
  sketch: boolean
  /** What is shown is of the draft before the last change. */
  behind: boolean
  draft: Draft | null
  editable: boolean
}>()
const emit = defineEmits<{ change: [part: Partial<Draft>] }>()
const tab = ref<string | number>('steps')
/** The control's own types refuse a plain v-model. */
const shown = computed<Record<string, unknown>>(() => ({
  modelValue: tab.value,
  'onUpdate:modelValue': (name: string | number) => (tab.value = name),
}))
const timeline = computed(() => props.whole?.timeline ?? props.plan?.timeline ?? null)
const steps = computed(() => props.work.operations.reduce((sum, operation) => sum + operation.steps.length, 0))
</script>

<template>
  <el-tabs v-bind="shown" class="order-tabs">
    <el-tab-pane :label="`Steps ${steps}`" name="steps"
      ><p v-if="sketch" class="muted small" role="status">
        First sketch. The plan that will be issued is being worked out …
      </p>
      <StepsTab
        :work="work"
        :timeline="timeline"
        :behind="behind"
        :draft="editable ? draft : null"
        @change="(part) => emit('change', part)"
    /></el-tab-pane>
    <el-tab-pane label="Timeline" name="timeline"
      ><p v-if="sketch" class="muted small" role="status">
        First sketch. The plan that will be issued is being worked out …
      </p>
      <TimelineTab v-if="tab === 'timeline'" :work="work" :timeline="timeline"
    /></el-tab-pane>
    <el-tab-pane label="Fluids" name="fluids"><FluidsTab :work="work" /></el-tab-pane>
    <el-tab-pane :label="`Parts ${work.parts.length}`" name="parts"
      ><PartsTab :work="work" :draft="editable ? draft : null" @change="(part) => emit('change', part)"
    /></el-tab-pane>
    <el-tab-pane label="Cart" name="cart"
      ><CartTab v-if="tab === 'cart'" :work="work" :issued="draft === null || !editable"
    /></el-tab-pane>
    <el-tab-pane label="Torques, tools" name="tools"><ToolsTab :work="work" /></el-tab-pane>
    <el-tab-pane label="Plate" name="plate"
      ><PlateTable v-if="tab === 'plate' && whole" :engines="whole.engines" />
      <p v-else-if="tab === 'plate'" class="muted" role="status">
        The plate comes with the plan that is being worked out …
      </p></el-tab-pane
    >
    <el-tab-pane :label="spelt('Labour')" name="labour"
      ><LabourTab
        :work="work"
        :alone-min="plan?.aloneMin ?? null"
        :draft="editable ? draft : null"
        @change="(part) => emit('change', part)"
    /></el-tab-pane>
    <el-tab-pane :label="`Cautions ${work.cautions.length}`" name="cautions"
      ><CautionsTab :cautions="work.cautions"
    /></el-tab-pane>
  </el-tabs>
</template>

<style scoped>
.order-tabs {
  display: flex;
  flex-direction: column;
  min-height: 0;
}

.order-tabs :deep(.el-tabs__header) {
  order: 0;
  margin: 0;
}

.order-tabs :deep(.el-tabs__content) {
  order: 1;
  flex: 1;
  overflow: auto;
  border: 1px solid var(--line);
  border-top: 0;
  background: var(--panel);
  padding: 8px 12px;
  min-height: 0;
}
</style>
