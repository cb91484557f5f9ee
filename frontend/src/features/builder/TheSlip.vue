<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Draft, Offer, OrderView, Plan, WorkSketch } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import ArrivalDecision from './ArrivalDecision.vue'
import CloseOrder from './CloseOrder.vue'
import FillDialog from './FillDialog.vue'
import IssuedActions from './IssuedActions.vue'
import OfferList from './OfferList.vue'
import { named, parkedOf, type Hole } from './parked'
import SlipFigures from './SlipFigures.vue'

/** What the writer reads out: what is missing, how long it takes, what to pull. */
const props = defineProps<{
  view: OrderView
  work: WorkSketch | null
  editable: boolean
  issuing: boolean
  /** The work that is shown is of an older draft. */
  behind: boolean
  settled: () => Promise<string>
  offers: Offer[]
  plan: Plan | null
  draft: Draft | null
}>()
const emit = defineEmits<{
  issue: []
  decide: [position: string, text: string]
  filled: []
  takeUp: [offers: Offer[]]
  change: [part: Partial<Draft>]
}>()

const ready = computed(() => (props.work?.engines ?? []).reduce((sum, engine) => sum + engine.tasks.length, 0))
const blocked = computed(() => parkedOf(props.work))
const parked = computed(() => blocked.value.reduce((sum, task) => sum + task.engines.length, 0))
const refused = computed(() => props.view.engines.filter((engine) => engine.identification.refusal !== null))
const alarms = computed(() =>
  (props.work?.engines ?? []).filter((engine) => engine.arrival?.advice?.advice === 'investigate'),
)
const none = computed(() => refused.value.length === props.view.engines.length)
const button = computed(() => {
  if (none.value) {
    return 'Nothing can be issued'
  }
  if (props.behind && !props.issuing) {
    return 'Working it out …'
  }
  if (ready.value === 0) {
    return 'Pick a task first'
  }
  const rest = parked.value === 0 ? '' : `, park ${parked.value}`
  const words = `${ready.value} ${ready.value === 1 ? 'task' : 'tasks'}${rest}`
  return props.issuing ? `Issuing ${words} …` : `Issue ${words}`
})
const { mayManage, mayWrite } = useSession()
/** As long as it is open: the server says what was done on it, or stands open. */
const closable = computed(
  () => mayWrite.value && ['draft', 'issued', 'in_work', 'stopped', 'parked'].includes(props.view.order.status),
)
const closing = ref(false)
function closed(): void {
  closing.value = false
  emit('filled')
}
const filling = ref<Hole | null>(null)
/** It stands at the boat and on no sheet. */
const isOfBoat = (path: string): boolean => path.startsWith('boat.')
const fillEngine = computed(() => props.view.engines.find((engine) => engine.position === filling.value?.position))
const nameOf = (id: number): string => props.view.engines.find((engine) => engine.id === id)?.label ?? ''
function filled(): void {
  filling.value = null
  emit('filled')
}
</script>

<template>
  <aside class="slip" aria-label="The slip">
    <div class="scroll">
      <div class="row spread">
        <h2>The slip</h2>
        <span class="muted small"
          >{{ view.engines.length }} {{ view.engines.length === 1 ? 'engine' : 'engines' }}, {{ ready }}
          {{ ready === 1 ? 'task' : 'tasks' }}</span
        >
      </div>
      <div v-for="engine in refused" :key="engine.id" class="note stop">
        <strong>{{ engine.label }} {{ engine.model }} can’t be ordered.</strong>
        {{ engine.identification.refusal?.remedy }}
      </div>
      <div v-for="engine in alarms" :key="engine.position" class="note stop">
        <strong>{{ engine.label }}: {{ engine.arrival?.advice?.reason }}</strong>
        {{ engine.arrival?.decision ? ` Found: ${engine.arrival.decision}` : '' }}
        <ArrivalDecision
          v-if="editable"
          :label="engine.label"
          :decision="engine.arrival?.decision ?? null"
          @decide="(text) => emit('decide', engine.position, text)"
        />
      </div>
      <div v-for="task in blocked" :key="task.key" class="note">
        <strong>{{ task.who }}, {{ task.title.toLowerCase() }}: parked.</strong> {{ task.reason }}
        <span class="small">{{ task.remedy }}</span>
        <RouterLink
          v-if="editable && task.holes.some((hole) => isOfBoat(hole.path))"
          :to="`/boats/${view.boat.id}/edit`"
          class="there small"
          >Enter it at the boat</RouterLink
        >
        <button
          v-for="hole in editable && mayManage ? task.holes.filter((each) => !isOfBoat(each.path)) : []"
          :key="hole.path + hole.sheet"
          type="button"
          class="mini"
          @click="filling = hole"
        >
          Fill in {{ hole.label }}{{ task.engines.length > 1 ? `, ${named(hole.engines)}` : '' }}
        </button>
      </div>
      <div v-for="flag in view.flags" :key="flag.id" class="note stop">
        <strong>The book has changed since this order was issued</strong> ({{ flag.sheet }} rev. {{ flag.to }}). The
        manager decides; until then, ask before you use:
        <p v-for="difference in flag.differences" :key="difference.path" class="small">
          {{ difference.label }}: <s>{{ difference.before || 'not known' }}</s> → {{ difference.after || 'not known' }}
        </p>
      </div>
      <div v-for="fill in view.fills" :key="`${fill.engineId}${fill.path}`" class="note">
        <strong>† {{ nameOf(fill.engineId) }}: {{ fill.label }} filled in on this order</strong> by {{ fill.by }} from
        {{ fill.source }}:
        {{ fill.reason }}
      </div>
      <SlipFigures
        v-if="work && ready > 0"
        :work="work"
        :plan="plan"
        :draft="draft"
        @change="(part) => emit('change', part)"
      />
      <p v-else-if="editable && !none" class="muted">
        Pick tasks in the grid, or press <kbd>A</kbd> for all that is due.
      </p>
      <OfferList v-if="editable && ready > 0" :offers="offers" @take-up="(taken) => emit('takeUp', taken)" />
    </div>
    <div class="foot">
      <el-button
        v-if="editable"
        type="primary"
        size="large"
        class="issue"
        :disabled="ready === 0"
        :loading="issuing"
        @click="emit('issue')"
      >
        {{ button }} <kbd v-if="ready > 0">F9</kbd>
      </el-button>
      <template v-else>
        <p v-if="view.flaw" class="band stop small" role="alert">{{ view.flaw }}</p>
        <IssuedActions :order="view.order" :format="view.work?.format" @reopened="emit('filled')" />
      </template>
      <p v-if="closable" class="closing">
        <button :key="view.order.status" type="button" class="mini" @click="closing = true">
          {{ view.order.status === 'draft' ? 'Discard this draft …' : 'Cancel this order …' }}
        </button>
      </p>
    </div>
    <CloseOrder v-if="closing" :view="view" :settled="settled" @close="closing = false" @closed="closed" />
    <FillDialog
      v-if="filling && fillEngine"
      :order="view.order"
      :settled="settled"
      :engine="fillEngine"
      :path="filling.path"
      :alike="filling.engines"
      @close="filling = null"
      @filled="filled"
    />
  </aside>
</template>

<style scoped>
.there {
  display: block;
}

.scroll :deep(dl) {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 10px;
  align-items: baseline;
  margin: 0;
}

.scroll :deep(dd) {
  margin: 0;
  text-align: right;
  white-space: nowrap;
  font-weight: 700;
}

.scroll :deep(.trap) {
  color: var(--brass);
}

.slip {
  background: var(--panel);
  border: 1px solid var(--line);
  border-top: 0;
  display: flex;
  flex-direction: column;
  min-height: 0;
  /* the torn edge */
  mask:
    conic-gradient(from 135deg at top, #0000, #000 1deg 89deg, #0000 90deg) top / 12px 6px repeat-x,
    linear-gradient(#000 0 0) 0 6px / 100% 100% no-repeat;
}

.scroll {
  flex: 1;
  overflow: auto;
  padding: 18px 20px 10px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.note {
  border: 1px dashed var(--brass);
  background: var(--brass-tint);
  padding: 8px 10px;
}

.note.stop {
  border: 1px solid var(--red);
  background: var(--red-tint);
}

.foot {
  padding: 12px 20px 16px;
  border-top: 1px solid var(--line);
}

.issue {
  width: 100%;
}

.closing {
  margin-top: 8px;
  text-align: center;
}

.issue kbd {
  margin-left: 8px;
}
</style>
