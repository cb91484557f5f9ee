<script setup lang="ts">
import { computed } from 'vue'
import IntervalBars from '@/drawing/IntervalBars.vue'
import StateMark from '@/drawing/StateMark.vue'
import type { Due, Engine } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { distanceWords, dueWords, lackWords } from '@/shared/words'

/** One task on one engine: picked or not, both limbs as bars, the state as shape and word. */
const props = defineProps<{
  engine: Engine
  task: Due['task']
  due: Due | undefined
  picked: boolean
  renewed: boolean
  editable: boolean
  orderable: boolean
  size: 'wide' | 'compact' | 'small'
  place: string
  tabbable: boolean
}>()
const barWidth = computed(() => ({ wide: 84, compact: 44, small: 24 })[props.size])
const emit = defineEmits<{ pick: [on: boolean]; renew: [on: boolean]; focusIn: [] }>()
const name = computed(() => `${props.due?.title ?? ''}, ${props.engine.label}: ${props.due ? dueWords(props.due) : ''}`)

function toggle(): void {
  if (props.editable && props.orderable) {
    emit('pick', !props.picked)
  }
}
</script>

<template>
  <td role="gridcell" :class="size">
    <span v-if="!due" class="muted small">{{ lackWords(task) }}</span>
    <div v-else class="inside">
      <button
        type="button"
        role="checkbox"
        class="tick"
        :class="{ on: picked }"
        :aria-checked="picked"
        :aria-label="name"
        :disabled="!editable"
        :aria-disabled="!orderable"
        :id="`cell-${place}`"
        :tabindex="tabbable ? 0 : -1"
        @click="toggle"
        @focus="emit('focusIn')"
      >
        {{ picked ? '✓' : '' }}
      </button>
      <IntervalBars :due="due" :width="barWidth" />
      <span class="words" :class="due.state">
        <StateMark :state="due.state" /> {{ dueWords(due) }}
        <button
          v-if="due.renewable && picked && (editable || renewed)"
          type="button"
          class="renew"
          :class="{ on: renewed }"
          :aria-pressed="renewed"
          :aria-label="`Renew: ${due.title}, ${engine.label}`"
          :title="`The sheet asks to ${due.action === 'clean' ? 'clean' : 'look at'} it. Renew it all the same (R)`"
          :disabled="!editable"
          tabindex="-1"
          @click="emit('renew', !renewed)"
        >
          {{ renewed ? '✓ ' : '' }}{{ size === 'small' ? 'new' : 'renew' }}
        </button>
        <br />
        <span class="muted small">{{ distanceWords(due) }}</span>
        <span v-if="due.severe" class="severe small" :title="due.severe.why"
          >▲ <span :class="{ 'visually-hidden': size === 'small' }">hard use</span></span
        >
        <WhyButton :about="`${due.title}, ${engine.label}`" :text="due.why">
          <p class="muted small">{{ due.interval }}</p>
          <p v-if="due.forecast" class="muted small">
            With the usual use it reaches its hours {{ due.forecast.text }}.
          </p>
          <p v-if="due.severe" class="small"><strong>Proposed:</strong> {{ due.severe.why }}</p>
          <p v-if="!orderable" class="muted small">The book does not say yet how it is done, so it can’t be ordered.</p>
        </WhyButton>
      </span>
    </div>
  </td>
</template>

<style scoped>
td {
  border-bottom: 1px solid var(--line);
  padding: 1px 10px;
}

.inside {
  display: flex;
  gap: 10px;
  align-items: center;
}

td.small {
  padding: 1px 4px;
  font-size: 12.5px;
}

td.small .inside {
  gap: 4px;
}

td.small .renew {
  padding: 0 3px;
  margin-left: 0;
}

.tick {
  width: 24px;
  height: 24px;
  border: 2px solid var(--field-line);
  border-radius: 3px;
  background: var(--panel);
  color: #fff;
  font-weight: 800;
  line-height: 1;
  cursor: pointer;
  flex: none;
}

.tick.on {
  background: var(--green);
  border-color: var(--green);
}

.tick:disabled,
.tick[aria-disabled='true'] {
  cursor: default;
  opacity: 0.75;
}

.tick[aria-disabled='true'] {
  border-style: dotted;
  background: none;
}

.renew {
  font: inherit;
  font-size: 12px;
  min-height: 24px;
  padding: 0 6px;
  margin-left: 4px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: none;
  color: var(--green);
  cursor: pointer;
}

.renew.on {
  background: var(--green-tint);
  border-color: var(--green);
  font-weight: 700;
}

.words {
  white-space: nowrap;
  line-height: 1.25;
}

.soon,
.no_record {
  color: var(--brass);
  font-weight: 600;
}

.due,
.overdue {
  color: var(--red);
  font-weight: 600;
}

.severe {
  color: var(--brass);
  font-weight: 600;
  margin-left: 4px;
}

.words .muted {
  font-weight: 400;
}
</style>
