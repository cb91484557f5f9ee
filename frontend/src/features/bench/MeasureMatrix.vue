<script setup lang="ts">
import type { Answer, Place, Said } from './measure'

/** Many places that have the same answers, side by side: a row for each place, a column for each answer. */
const props = defineProps<{ places: { place: Place; label: string; said: Said }[]; answers: Answer[] }>()
const emit = defineEmits<{ say: [place: Place, said: Said] }>()

function isChosen(said: Said, answer: Answer): boolean {
  return said.answer === answer.code
}
function meanings(): string[] {
  const chosen = props.answers.filter((each) => props.places.some((row) => isChosen(row.said, each)))
  return chosen.filter((each) => each.verdict !== 'go_on').map((each) => `${each.label}: ${each.meaning}`)
}
</script>

<template>
  <table class="matrix">
    <thead>
      <tr>
        <td></td>
        <th v-for="answer in answers" :key="answer.code" scope="col">
          {{ answer.label }}<strong v-if="answer.verdict === 'stop'" class="stop"> STOP</strong>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in places" :key="row.place.key">
        <th scope="row">{{ row.label }}</th>
        <td v-for="answer in answers" :key="answer.code">
          <button
            type="button"
            class="cell"
            :class="[answer.verdict, { on: isChosen(row.said, answer) }]"
            :aria-pressed="isChosen(row.said, answer)"
            :aria-label="`${row.label}: ${answer.label}`"
            @click="emit('say', row.place, { ...row.said, answer: answer.code })"
          >
            {{ isChosen(row.said, answer) ? '✓' : '' }}
          </button>
        </td>
      </tr>
    </tbody>
  </table>
  <p v-for="meaning in meanings()" :key="meaning" class="meaning" role="status">{{ meaning }}</p>
</template>

<style scoped>
.matrix {
  border-collapse: separate;
  border-spacing: 8px 8px;
  margin-left: -8px;
  table-layout: fixed;
}

th {
  text-align: left;
  font-weight: 600;
}

thead th {
  text-align: center;
  vertical-align: bottom;
  line-height: 1.15;
}

tbody th {
  white-space: nowrap;
}

.stop {
  color: var(--red);
  font-size: 14px;
}

.cell {
  font: inherit;
  font-size: 24px;
  font-weight: 800;
  width: 100%;
  min-width: 56px;
  height: 56px;
  border: 2px solid var(--green);
  border-radius: 4px;
  background: var(--panel);
  color: #fff;
  cursor: pointer;
}

.cell.stop {
  border-color: var(--red);
  margin: 0;
}

.cell.on {
  background: var(--green);
}

.cell.finding.on,
.cell.stop.on {
  background: var(--red);
  border-color: var(--red);
}

.meaning {
  margin: 4px 0 0;
}
</style>
