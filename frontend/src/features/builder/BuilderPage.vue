<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { asProblem } from '@/shared/api/client'
import type { Draft, Offer } from '@/shared/api/types'
import { useShortcut } from '@/shared/keyboard'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { statusWords } from '@/shared/words'
import OrderTabs from './OrderTabs.vue'
import RigHead from './RigHead.vue'
import TaskGrid from './TaskGrid.vue'
import TheSlip from './TheSlip.vue'
import VisitEditor from './VisitEditor.vue'
import { useGrid } from './useGrid'
import { useOffers } from './useOffers'
import { useOrder } from './useOrder'
import { useTimeline } from './useTimeline'

const route = useRoute()
const number = computed(() => Number(route.params['number']))
const {
  view,
  draft,
  work,
  isDraft,
  error,
  isPending,
  previewError,
  saveError,
  issue,
  savedAt,
  changed,
  settled,
  reload,
} = useOrder(number)
const { mayWrite } = useSession()
const editable = computed(() => isDraft.value && mayWrite.value)
const grid = useGrid(
  () => view.value?.engines ?? [],
  draft,
  changed,
  () => view.value?.orderable ?? [],
)
const { offers } = useOffers(number, draft, () => editable.value)
const { plan } = useTimeline(number, draft, () => isDraft.value && mayWrite.value)
function takeUp(offer: Offer): void {
  const engine = view.value?.engines.find((each) => each.id === offer.engineId)
  if (engine) {
    grid.set(engine, offer.task, true)
  }
}
const hint = computed(() => {
  if (view.value?.engines.every((engine) => engine.identification.refusal !== null)) {
    return 'No engine of this rig has a sheet that may be used, so there is no order. The service manager was told.'
  }
  return editable.value ? 'Pick a task above: the whole order appears here at once.' : 'No task was picked.'
})
const conflict = computed(() =>
  [saveError.value, issue.error.value].find((each) => asProblem(each)?.key === 'conflict.changed'),
)

/** What was found about a level above the mark belongs to the engine that hangs there. */
function decide(position: string, text: string): void {
  const id = view.value?.engines.find((engine) => engine.position === position)?.id
  const drafted = draft.value?.engines.find((engine) => engine.engineId === id)
  if (drafted) {
    drafted.decision = text
    changed()
  }
}

function change(part: Partial<Draft>): void {
  if (draft.value) {
    Object.assign(draft.value, part)
    changed()
  }
}

useShortcut('a', () => {
  if (editable.value) {
    grid.pickAllDue()
  }
})
useShortcut('F9', () => {
  if (editable.value && work.value?.issuable && !issue.isPending.value) {
    issue.mutate()
  }
})
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error" :error="error" />
  <div v-else-if="view" class="builder">
    <Teleport to="#top-middle">
      Order {{ view.order.number }} · {{ statusWords[view.order.status]
      }}{{
        isDraft && savedAt
          ? `, saved ${savedAt.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`
          : ''
      }}
    </Teleport>
    <Teleport to="#top-right">
      <span v-if="editable" class="small">
        <kbd>A</kbd> all that is due <kbd>↑↓←→</kbd> <kbd>space</kbd> pick <kbd>F9</kbd> issue
      </span>
    </Teleport>
    <div class="left">
      <RigHead :view="view" :work="work" :fixed="!editable">
        <VisitEditor v-if="editable && draft" v-model="draft" @changed="changed" />
      </RigHead>
      <div v-if="conflict" class="band stop row spread" role="alert">
        <span>{{ asProblem(conflict)?.message }}</span>
        <el-button @click="reload">Load it again</el-button>
      </div>
      <ProblemNote v-else :error="saveError ?? issue.error.value ?? previewError" unshown />
      <TaskGrid :engines="view.engines" :grid="grid" :editable="editable" />
      <OrderTabs
        v-if="work && work.operations.length > 0"
        :work="work"
        :plan="plan"
        :draft="draft"
        :editable="editable"
        class="tabs"
        @change="change"
      />
      <p v-else class="panel muted">
        {{ hint }}
      </p>
    </div>
    <TheSlip
      :view="view"
      :work="work"
      :editable="editable"
      :issuing="issue.isPending.value"
      :settled="settled"
      :offers="offers"
      :plan="plan"
      :draft="editable ? draft : null"
      @change="change"
      @take-up="takeUp"
      @issue="issue.mutate()"
      @decide="decide"
      @filled="reload"
    />
  </div>
</template>

<style scoped>
.builder {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 292px;
  gap: 14px;
  height: 100%;
}

.left {
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  min-width: 0;
}

.tabs {
  flex: 1;
  min-height: 160px;
}
</style>
