<script setup lang="ts">
import { computed } from 'vue'
import type { Draft, OilPool, Plan, WorkSketch } from '@/shared/api/types'
import { leftWords, pickWords } from '@/shared/cart'
import { dayText, minutesText, priceText, otherUnit, ownUnit } from '@/shared/units'
import ReadyDates from './ReadyDates.vue'
import DayField from '@/shared/ui/DayField.vue'

/** How long, what to pull, what is short, when it is ready. */
const props = defineProps<{ work: WorkSketch; plan: Plan | null; draft: Draft | null }>()
const emit = defineEmits<{ change: [part: Partial<Draft>] }>()

const used = computed(() => props.work.parts.filter((part) => !part.atHand))
const pieces = computed(() => used.value.reduce((sum, part) => sum + part.count, 0))
const short = computed(() => used.value.filter((part) => part.short > 0))
const anyShort = computed(() => props.work.parts.filter((part) => part.short > 0))
const elapsed = computed(() => props.plan?.timeline?.elapsedMin ?? props.work.labour.elapsedMin)
const changes = computed(() => props.plan?.timeline?.changes ?? props.work.labour.changes)
const saved = computed(() =>
  Math.max(0, (props.plan?.aloneMin ?? 0) - props.work.labour.handsOnMin - props.work.labour.presenceMin),
)
const containers = (pool: Pick<OilPool, 'plan'>): string => (pool.plan?.picks ?? []).map(pickWords).join(', ')
const pulled = computed(() => (props.work.lubricants ?? []).filter((pool) => pool.need !== null))
function expect(day: string): void {
  emit('change', { partsOn: day === '' ? null : day })
}
</script>

<template>
  <ReadyDates v-if="plan" :plan="plan" />
  <dl>
    <dt>elapsed</dt>
    <dd>{{ minutesText(elapsed) }}</dd>
    <dt>hands-on</dt>
    <dd class="weighty">{{ minutesText(work.labour.handsOnMin) }}</dd>
    <template v-if="work.labour.secondHandMin > 0">
      <dt>of it a second person’s</dt>
      <dd>{{ minutesText(work.labour.secondHandMin) }}</dd>
    </template>
    <template v-if="work.labour.presenceMin > 0">
      <dt>by running engines</dt>
      <dd>{{ minutesText(work.labour.presenceMin) }}</dd>
    </template>
    <template v-if="changes > 0">
      <dt>changes of place</dt>
      <dd>{{ changes }}</dd>
    </template>
    <template v-if="saved > 0">
      <dt>sharing saves</dt>
      <dd class="fine">{{ minutesText(saved) }}</dd>
    </template>
    <dt>sold time{{ work.labour.allowanceMin > 0 ? `, ${work.labour.allowanceMin} min allowed` : '' }}</dt>
    <dd>{{ (work.labour.soldTenths / 10).toFixed(1) }} h</dd>
  </dl>
  <div v-for="pool in work.oil" :key="pool.grade" class="part">
    <dl>
      <dt>engine oil {{ pool.grade }}</dt>
      <dd class="weighty">{{ ownUnit(pool.need.text) }}</dd>
    </dl>
    <p class="small">{{ otherUnit(pool.need.text) }}, top-up reserve included</p>
    <p v-if="pool.plan" class="small">
      <strong>{{ containers(pool) }}</strong> · {{ leftWords(pool.plan) }} ·
      {{ priceText(pool.plan.costMinor) }}
    </p>
    <p v-else class="note stop small">{{ pool.shortage }}</p>
    <p class="small trap">{{ pool.trap }}</p>
  </div>
  <div v-for="pool in pulled" :key="pool.name" class="part">
    <dl>
      <dt>{{ pool.name }}</dt>
      <dd>{{ pool.need ? ownUnit(pool.need.text) : '' }}</dd>
    </dl>
    <p v-if="pool.plan" class="small">
      <strong>{{ containers(pool) }}</strong> · {{ leftWords(pool.plan) }} ·
      {{ priceText(pool.plan.costMinor) }}
    </p>
    <p v-else class="small trap">{{ pool.shortage }}</p>
  </div>
  <div class="part">
    <dl>
      <dt>parts</dt>
      <dd class="weighty">{{ pieces }} {{ pieces === 1 ? 'piece' : 'pieces' }}</dd>
    </dl>
    <p v-for="part in short" :key="part.number" class="small trap">
      <strong>{{ part.short }} short:</strong> {{ part.number }} {{ part.description
      }}{{ part.arrivesOn ? `, expected ${dayText(part.arrivesOn)}` : '' }}
    </p>
    <label v-if="anyShort.length > 0 && draft" class="small"
      >{{ anyShort.some((part) => !part.arrivesOn) ? 'They are expected on' : 'All of them on' }}
      <DayField :model-value="draft.partsOn ?? ''" @update:model-value="expect"
    /></label>
    <p v-for="kit in work.kits.filter((each) => !each.taken)" :key="kit.number" class="small">
      A kit would do: {{ kit.number }} (see Parts)
    </p>
  </div>
</template>

<style scoped>
.weighty {
  font-size: 20px;
}

.fine {
  color: var(--green);
}

.part {
  border-top: 1px dashed var(--field-line);
  padding-top: 8px;
}

.note.stop {
  border: 1px solid var(--red);
  background: var(--red-tint);
  padding: 8px 10px;
}
</style>
