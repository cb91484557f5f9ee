<script setup lang="ts">
import { computed } from 'vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import { atLeast, verdictWords, type Look, type OwnAnswer, type SeenVerdict } from './shopAnswers'

/** The answers to one thing that is looked at. */
const props = defineProps<{ look: Look; fixed: boolean; wrong: (pointer: string) => string | undefined }>()
/** How bad each answer of the trade is, by its code. */
const chosen = defineModel<Record<string, SeenVerdict>>('chosen', { required: true })
/** The shop's own, by what is looked at. */
const all = defineModel<Record<string, OwnAnswer[]>>('own', { required: true })

const own = computed(() => all.value[props.look.key] ?? [])
const added = computed(() => {
  const raised = props.look.answers.filter(({ code, verdict }) => (chosen.value[code] ?? verdict) !== verdict).length
  return [
    raised > 0 ? `${raised} taken more seriously` : '',
    own.value.length > 0 ? `${own.value.length} of the shop’s own` : '',
  ]
    .filter((each) => each !== '')
    .join(', ')
})
const title = computed(() => props.look.label.charAt(0).toUpperCase() + props.look.label.slice(1))
const graver = atLeast('note')
const fields = [
  { key: 'label', name: 'seen', most: 80 },
  { key: 'meaning', name: 'means', most: 200 },
] as const

function put(answers: OwnAnswer[]): void {
  all.value = { ...all.value, [props.look.key]: answers }
}
function change(place: number, part: Partial<OwnAnswer>): void {
  put(own.value.map((each, at) => (at === place ? { ...each, ...part } : each)))
}
function choose(code: string, event: Event): void {
  chosen.value = { ...chosen.value, [code]: (event.target as HTMLSelectElement).value as SeenVerdict }
}
function valueOf(event: Event): string {
  return (event.target as HTMLInputElement).value
}
</script>

<template>
  <details class="panel" :open="added !== '' || undefined">
    <summary>
      <h2>{{ title }}</h2>
      <span class="muted">{{ added || `${look.answers.length} answers` }}</span>
    </summary>
    <table class="plain">
      <thead>
        <tr>
          <th>Seen</th>
          <th>Means, and what is done</th>
          <th>Counts as</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="answer in look.answers" :key="answer.code">
          <th scope="row">{{ answer.label }}</th>
          <td>{{ answer.meaning }}</td>
          <td>
            <span v-if="fixed || answer.verdict === 'stop'">{{
              verdictWords[chosen[answer.code] ?? answer.verdict]
            }}</span>
            <select
              v-else
              class="cell"
              :aria-label="`${title}, ${answer.label}: counts as`"
              :value="chosen[answer.code]"
              @change="(event) => choose(answer.code, event)"
            >
              <option v-for="verdict in atLeast(answer.verdict)" :key="verdict" :value="verdict">
                {{ verdictWords[verdict] }}
              </option>
            </select>
            <FieldNote :text="wrong(`/answers/raised/${answer.code}`)" />
          </td>
        </tr>
        <tr v-for="(answer, place) in own" :key="place">
          <td v-for="field in fields" :key="field.key">
            <input
              class="cell"
              :maxlength="field.most"
              :aria-label="`${title}, own answer ${place + 1}: ${field.name}`"
              :value="answer[field.key]"
              :readonly="fixed"
              @input="(event) => change(place, { [field.key]: valueOf(event) })"
            />
            <FieldNote :text="wrong(`/answers/added/${look.key}/${place}/${field.key}`)" />
          </td>
          <td class="row">
            <select
              class="cell"
              :aria-label="`${title}, own answer ${place + 1}: counts as`"
              :value="answer.verdict"
              :disabled="fixed"
              @change="(event) => change(place, { verdict: valueOf(event) as SeenVerdict })"
            >
              <option v-for="verdict in graver" :key="verdict" :value="verdict">{{ verdictWords[verdict] }}</option>
            </select>
            <el-button v-if="!fixed" @click="put(own.filter((_, at) => at !== place))">Remove</el-button>
          </td>
        </tr>
      </tbody>
    </table>
    <el-button v-if="!fixed" @click="put([...own, { code: null, label: '', verdict: 'finding', meaning: '' }])"
      >Add an answer to {{ look.label }}</el-button
    >
  </details>
</template>

<style scoped>
summary {
  display: flex;
  gap: 12px;
  align-items: baseline;
  cursor: pointer;
  min-height: 32px;
}

summary::before {
  content: '▸';
}

details[open] > summary::before {
  content: '▾';
}

table {
  width: 100%;
  margin: 8px 0;
  table-layout: fixed;
}

th[scope='row'] {
  font-size: inherit;
  font-weight: 600;
  color: var(--ink);
  text-align: left;
  vertical-align: top;
}

th:nth-child(1) {
  width: 28%;
}

th:nth-child(3) {
  width: 36%;
}

.cell {
  width: 100%;
  text-align: left;
}

td.row .cell {
  flex: 1;
}
</style>
