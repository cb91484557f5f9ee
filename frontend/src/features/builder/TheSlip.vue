<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Offer, OrderView, WorkOrder } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import { litresText, minutesText, moneyText } from '@/shared/units'
import ArrivalDecision from './ArrivalDecision.vue'
import FillDialog from './FillDialog.vue'
import IssuedActions from './IssuedActions.vue'
import OfferList from './OfferList.vue'

/** What the writer reads out: what is missing, how long it takes, what to pull. */
const props = defineProps<{
  view: OrderView
  work: WorkOrder | null
  editable: boolean
  issuing: boolean
  settled: () => Promise<number>
  offers: Offer[]
}>()
const emit = defineEmits<{ issue: []; decide: [position: string, text: string]; filled: []; takeUp: [offer: Offer] }>()

const ready = computed(() => (props.work?.engines ?? []).reduce((sum, engine) => sum + engine.tasks.length, 0))
const blocked = computed(() =>
  (props.work?.engines ?? []).flatMap((engine) =>
    engine.blocked.map((task) => ({
      ...task,
      position: engine.position,
      label: engine.label,
      key: `${engine.position}.${task.task}`,
    })),
  ),
)
const refused = computed(() => props.view.engines.filter((engine) => engine.identification.refusal !== null))
const alarms = computed(() =>
  (props.work?.engines ?? []).filter((engine) => engine.arrival?.advice?.advice === 'investigate'),
)
const pieces = computed(() => (props.work?.parts ?? []).reduce((sum, part) => sum + part.count, 0))
const short = computed(() => (props.work?.parts ?? []).filter((part) => part.short > 0))
const none = computed(() => refused.value.length === props.view.engines.length)
const button = computed(() => {
  if (none.value) {
    return 'Nothing can be issued'
  }
  if (ready.value === 0) {
    return 'Pick a task first'
  }
  const parked = blocked.value.length === 0 ? '' : `, park ${blocked.value.length}`
  return `Issue ${ready.value} ${ready.value === 1 ? 'task' : 'tasks'}${parked}`
})
const containers = (pool: WorkOrder['oil'][number]): string =>
  (pool.plan?.picks ?? [])
    .map((pick) => `${pick.count} × ${pick.opened ? 'opened ' : ''}${pick.size.value} ${unit(pick.size.unit)}`)
    .join(', ')
const { mayManage } = useSession()
const filling = ref<{ path: string; label: string; position: string } | null>(null)
const fillEngine = computed(() => props.view.engines.find((engine) => engine.position === filling.value?.position))
const nameOf = (id: number): string => props.view.engines.find((engine) => engine.id === id)?.label ?? ''
function filled(): void {
  filling.value = null
  emit('filled')
}
const unit = (code: string): string => ({ us_qt: 'US qt', us_gal: 'US gal' })[code] ?? code
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
        <strong>{{ task.label }}, {{ task.title.toLowerCase() }}: parked.</strong> {{ task.reason }}
        <span class="small">{{ task.remedy }}</span>
        <button
          v-for="hole in editable && mayManage ? task.holes : []"
          :key="hole.path"
          type="button"
          class="mini"
          @click="filling = { ...hole, position: task.position }"
        >
          Fill in {{ hole.label }}
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
      <template v-if="work && ready > 0">
        <dl>
          <dt>hands-on</dt>
          <dd class="weighty">{{ minutesText(work.labour.handsOnMin) }}</dd>
          <dt>sold time</dt>
          <dd>{{ (work.labour.soldTenths / 10).toFixed(1) }} h</dd>
          <dt>waiting, in all</dt>
          <dd>{{ minutesText(work.labour.unattendedMin) }}</dd>
        </dl>
        <div v-for="pool in work.oil" :key="pool.grade" class="part">
          <dl>
            <dt>engine oil {{ pool.grade }}</dt>
            <dd class="weighty">{{ litresText(Number(pool.need.value)) }}</dd>
          </dl>
          <p class="small">{{ pool.need.text.replace(/^.*\((.*)\)$/, '$1') }}, top-up reserve included</p>
          <p v-if="pool.plan" class="small">
            <strong>{{ containers(pool) }}</strong> · left {{ litresText(pool.plan.leftOverMl) }} ·
            {{ moneyText(pool.plan.costMinor) }}
          </p>
          <p v-else class="note stop small">{{ pool.shortage }}</p>
          <p class="small trap">{{ pool.trap }}</p>
        </div>
        <div class="part">
          <dl>
            <dt>parts</dt>
            <dd class="weighty">{{ pieces }}</dd>
          </dl>
          <p v-for="part in short" :key="part.number" class="small trap">
            <strong>{{ part.short }} short:</strong> {{ part.number }} {{ part.description }}
          </p>
        </div>
      </template>
      <p v-else-if="editable && !none" class="muted">
        Pick tasks in the grid, or press <kbd>A</kbd> for all that is due.
      </p>
      <OfferList v-if="editable && ready > 0" :offers="offers" @take-up="(offer) => emit('takeUp', offer)" />
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
      <IssuedActions v-else :order="view.order" />
    </div>
    <FillDialog
      v-if="filling && fillEngine"
      :order="view.order"
      :settled="settled"
      :engine="fillEngine"
      :path="filling.path"
      @close="filling = null"
      @filled="filled"
    />
  </aside>
</template>

<style scoped>
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

dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 10px;
  align-items: baseline;
  margin: 0;
}

dd {
  margin: 0;
  text-align: right;
  white-space: nowrap;
  font-weight: 700;
}

.weighty {
  font-size: 20px;
}

.part {
  border-top: 1px dashed var(--field-line);
  padding-top: 8px;
}

.trap {
  color: var(--brass);
}

.foot {
  padding: 12px 20px 16px;
  border-top: 1px solid var(--line);
}

.issue {
  width: 100%;
}

.issue kbd {
  margin-left: 8px;
}
</style>
