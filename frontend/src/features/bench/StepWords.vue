<script setup lang="ts">
import { setFigures } from '@/shared/figures'
import { computed } from 'vue'
import type { BenchStep } from './useBench'
import { useWording } from './wording'

/** The sentence, its figure as large as it fits, the check and the usual slip, and what was entered. */
const props = defineProps<{
  current: BenchStep
  /** Without its rows: each is told where it is answered for. */
  bare: boolean
}>()

const { wording } = useWording()
const ordinary = /^((?:≈ )?[\d.,½¼¾⅛⅜⅝⅞⅓⅔–→\s-]+)\s*(.*)$/
const figure = computed(() => {
  const said = props.current.step.figure?.text ?? null
  const text = said === null ? null : setFigures(said)
  const parts = text === null ? null : ordinary.exec(text)
  return parts
    ? { amount: parts[1]?.trim() ?? '', unit: parts[2] ?? '' }
    : text === null
      ? null
      : { amount: '', unit: text }
})
const rows = computed(() => [
  { name: 'note', text: props.current.step.beside },
  { name: 'figure', text: props.current.step.figure?.detail ?? null },
  { name: 'thread', text: props.current.step.warning },
  ...(wording.value === 'short'
    ? []
    : [
        { name: 'check', text: props.current.step.check },
        { name: 'usual slip', text: props.current.step.slip },
      ]),
  ...(wording.value === 'trainee' ? [{ name: 'why', text: props.current.operation.why }] : []),
])
</script>

<template>
  <div>
    <h1 tabindex="-1">{{ current.step.text }}</h1>
    <p v-if="figure" class="figure">
      <span v-if="figure.amount" class="huge" :class="{ long: figure.amount.length > 7 }">{{ figure.amount }}</span>
      <span class="unit" :class="{ alone: !figure.amount }">{{ figure.unit }}</span>
    </p>
    <ol v-if="current.step.rows.length > 0 && !bare" class="rows">
      <li v-for="row in current.step.rows" :key="row">{{ row }}</li>
    </ol>
    <dl>
      <template v-for="row in rows" :key="row.name">
        <template v-if="row.text">
          <dt>{{ row.name }}</dt>
          <dd>{{ row.text }}</dd>
        </template>
      </template>
      <template v-if="current.answer">
        <dt>entered</dt>
        <dd>
          <strong>{{ current.answer }}</strong>
        </dd>
      </template>
    </dl>
  </div>
</template>

<style scoped>
.figure {
  display: flex;
  align-items: baseline;
  gap: 12px;
  flex-wrap: wrap;
  margin: 4px 0 8px;
}

.huge {
  font-size: 76px;
  font-weight: 800;
  line-height: 1.05;
}

.huge.long {
  font-size: 56px;
}

.rows {
  font-size: 19px;
  margin: 4px 0 8px;
  padding-left: 26px;
}

.unit {
  font-size: 32px;
  font-weight: 700;
}

.unit.alone {
  font-size: 40px;
}

dl {
  display: grid;
  grid-template-columns: 105px 1fr;
  gap: 6px 14px;
  margin: 8px 0 12px;
}

dt {
  color: var(--muted);
}

dd {
  margin: 0;
}

h1 {
  font-size: 25px;
}
</style>
