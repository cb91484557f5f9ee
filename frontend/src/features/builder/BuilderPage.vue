<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { asProblem, awaySince } from '@/shared/api/client'
import type { Draft, Offer } from '@/shared/api/types'
import { useShortcut } from '@/shared/keyboard'
import { useSession } from '@/shared/session'
import AsOf from '@/shared/ui/AsOf.vue'
import PrintHint from '@/shared/ui/PrintHint.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import SplitBar from '@/shared/ui/SplitBar.vue'
import { degreesText, timeText } from '@/shared/units'
import { statusWords } from '@/shared/words'
import CallerStrip from './CallerStrip.vue'
import OrderTabs from './OrderTabs.vue'
import RigHead from './RigHead.vue'
import TaskGrid from './TaskGrid.vue'
import TheSlip from './TheSlip.vue'
import VisitEditor from './VisitEditor.vue'
import { useGrid } from './useGrid'
import { useOffers } from './useOffers'
import { useOrder } from './useOrder'
import { useSplit } from './useSplit'
import { useTimeline } from './useTimeline'

const number = Number(useRoute().params['number'])
const {
  view,
  draft,
  work,
  document: whole,
  isDraft,
  error,
  isPending,
  at,
  previewError,
  isBehind,
  saver,
  issue,
  changed,
  settled,
  reload,
  putAside,
  putBack,
  leaveAside,
  plan: issuable,
} = useOrder(number)
const { mayWrite } = useSession()
const editable = computed(() => isDraft.value && mayWrite.value)
const grid = useGrid(
  () => view.value?.engines ?? [],
  draft,
  changed,
  () => view.value?.orderable ?? [],
)
const { height: gridHeight, least, most } = useSplit()
const { offers } = useOffers(number, draft, () => editable.value)
const { plan: sketch } = useTimeline(number, draft, () => isDraft.value && mayWrite.value)
const { full, changes } = issuable
/** The plan that would be issued; until it is worked out the first sketch. */
const plan = computed(() => (full.value?.work ? { ...full.value, timeline: full.value.work.timeline } : sketch.value))
function takeUp(taken: Offer[]): void {
  for (const offer of taken) {
    const engine = view.value?.engines.find((each) => each.id === offer.engineId)
    if (engine) {
      grid.set(engine, offer.task, true)
    }
  }
}
const hint = computed(() => {
  if (view.value?.engines.every((engine) => engine.identification.refusal !== null)) {
    return 'No engine of this rig has a sheet that may be used, so there is no order. The service manager was told.'
  }
  return editable.value ? 'Pick a task above: the whole order appears here at once.' : 'No task was picked.'
})
/** What stands in the way of the draft that is shown here: somebody else was faster. */
const conflict = computed(() => {
  const problem = saver.refusal ?? asProblem(issue.error.value)
  return problem?.status === 409 && !problem.is('order.plan_changed') ? problem : null
})
const standing = computed(() => {
  if (!isDraft.value || awaySince.value !== null) {
    return ''
  }
  if (saver.pending() !== null) {
    return ', not saved yet'
  }
  return saver.savedAt === null ? '' : `, saved ${timeText(saver.savedAt)}`
})

/** After the press: what has been issued by it, in words. */
const issued = computed(() => {
  if (!issue.isSuccess.value || isDraft.value || !view.value) {
    return null
  }
  const engines = (work.value?.engines ?? []).filter((engine) => engine.tasks.length > 0)
  const tasks = engines.map(
    (engine) => `${engine.label}: ${engine.tasks.map((task) => task.title.toLowerCase()).join(', ')}`,
  )
  const { coldestC, warmestC } = view.value.draft
  return `${tasks.join('; ')}; air ${degreesText(coldestC)} to ${degreesText(warmestC)}.`
})

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

/** Why a key did nothing. */
const told = ref('')
watch(draft, () => (told.value = ''), { deep: true })
const fixed = 'Not a draft: nothing on it can be changed any more.'
useShortcut('a', () => {
  told.value = !editable.value ? fixed : grid.pickAllDue() === 0 ? 'Nothing more is due on these engines.' : ''
})
useShortcut('F9', () => {
  told.value = !editable.value ? fixed : work.value?.issuable ? '' : 'Not issued: no task is picked that can be done.'
  if (told.value === '') {
    issue.mutate()
  }
})
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="!view" :error="error" />
  <div v-else class="builder">
    <Teleport to="#top-middle">
      Order {{ view.order.number }} · {{ statusWords[view.order.status] }}{{ standing }}
    </Teleport>
    <Teleport to="#top-right">
      <span v-if="editable" class="small">
        <kbd>A</kbd> all that is due <kbd>↑↓←→</kbd> <kbd>space</kbd> pick <kbd>R</kbd> renew <kbd>F9</kbd> issue
      </span>
    </Teleport>
    <div class="left">
      <PrintHint what="The order sheet for the bench" where="Print A4 or Letter" />
      <RigHead :view="view" :work="work" :fixed="!editable">
        <VisitEditor v-if="editable && draft" v-model="draft" @changed="changed" />
      </RigHead>
      <CallerStrip v-if="!isDraft" :view="view" />
      <AsOf :error="error" :at="at" />
      <div v-if="conflict" class="band stop row spread" role="alert">
        <span>{{ conflict.message }}</span>
        <el-button @click="reload">Load it again</el-button>
      </div>
      <ProblemNote v-else :error="saver.refusal ?? issue.error.value ?? previewError" unshown />
      <ul v-if="changes.length > 0 && issue.isError.value" class="band changes" role="status">
        <li v-for="line in changes" :key="line">{{ line }}</li>
      </ul>
      <p v-if="putAside && !editable" class="band" role="status">
        This order is not a draft any more. What you entered last is not on it.
        <button type="button" class="mini" @click="leaveAside">Read</button>
      </p>
      <div v-else-if="putAside" class="band row spread" role="status">
        <span>This is how the others left it. What you entered is kept.</span>
        <span class="row">
          <el-button @click="putBack">Put mine back in</el-button>
          <el-button @click="leaveAside">Leave it so</el-button>
        </span>
      </div>
      <p v-if="told" class="band" role="status">{{ told }}</p>
      <p v-if="issued" class="band fine" role="status"><strong>Issued.</strong> {{ issued }}</p>
      <TaskGrid
        :engines="view.engines"
        :grid="grid"
        :editable="editable"
        :height="gridHeight"
        @refuse="(why) => (told = why)"
      />
      <SplitBar
        v-if="work && work.operations.length > 0"
        v-model="gridHeight"
        label="Height of the grid"
        controls="task-grid"
        :min="least"
        :max="most"
      />
      <OrderTabs
        v-if="work && work.operations.length > 0"
        :work="work"
        :whole="whole"
        :plan="plan"
        :sketch="isDraft && full === null"
        :behind="isBehind"
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
      :behind="isBehind"
      :settled="settled"
      :offers="offers"
      :plan="isDraft ? plan : null"
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

.changes {
  margin: 0;
  padding-left: 30px;
}

.tabs {
  flex: 1;
  min-height: 160px;
}
</style>
