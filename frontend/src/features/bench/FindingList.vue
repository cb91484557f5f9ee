<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Bench, EntryValue, NewEntry } from '@/shared/api/types'
import { newEntry } from './entries'

type Finding = Bench['findings'][number]
type How = NonNullable<EntryValue['how']>

/** What was found, what it means, and what becomes of it: somebody says so before the engine is released. */
const props = defineProps<{ findings: Finding[]; sending: boolean; mayWork: boolean }>()
const emit = defineEmits<{ tell: [entry: NewEntry] }>()

const ways: [How, string, string][] = [
  ['done', 'Put right here …', 'What was done?'],
  ['owner', 'Put to the owner …', 'Who was told, and when?'],
  ['waits', 'May wait …', 'Why may it wait, and who was told?'],
]
const asked = ref<{ finding: Finding; how: How } | null>(null)
const words = ref('')
const question = computed(() => ways.find(([how]) => how === asked.value?.how)?.[2] ?? '')

function ask(finding: Finding, how: How): void {
  asked.value = { finding, how }
  words.value = ''
}
function isAsked(finding: Finding): boolean {
  return asked.value?.finding.entry === finding.entry && asked.value.finding.place === finding.place
}
/** Decided already, and it turned out otherwise. */
const anew = ref<Finding | null>(null)
function again(finding: Finding): void {
  anew.value = finding
  asked.value = null
}
function settle(finding: Finding, how: How): void {
  if (!props.sending) {
    const value = { entry: finding.entry, place: finding.place, how, text: words.value.trim() }
    emit('tell', newEntry(finding.stepId, 'settled', value))
    asked.value = anew.value = null
    words.value = ''
  }
}
</script>

<template>
  <div
    v-for="finding in findings"
    :key="`${finding.entry} ${finding.place}`"
    class="band finding"
    :class="{ settled: finding.settled !== null }"
    role="group"
    :aria-label="`Found: ${finding.text}`"
  >
    <p>
      <strong>{{ finding.title }}: {{ finding.text }}.</strong> {{ finding.meaning }}
    </p>
    <p v-if="finding.settled !== null"><strong>Decided:</strong> {{ finding.settled }}</p>
    <template v-if="mayWork && (finding.settled === null || isAsked(finding) || anew === finding)">
      <form v-if="asked !== null && isAsked(finding)" @submit.prevent="settle(finding, asked.how)">
        <label>
          {{ question }}
          <input v-model="words" class="field" maxlength="500" required />
        </label>
        <div class="row">
          <button type="button" class="big" @click="asked = null">Back</button>
          <button type="submit" class="big main" :disabled="sending || words.trim() === ''">Enter</button>
        </div>
      </form>
      <div v-else class="row">
        <button
          v-for="[how, label] in ways"
          :key="how"
          type="button"
          class="big"
          :disabled="sending"
          @click="ask(finding, how)"
        >
          {{ label }}
        </button>
      </div>
    </template>
    <button v-else-if="mayWork" type="button" class="mini" @click="again(finding)">Decide anew …</button>
  </div>
</template>

<style scoped>
.finding {
  margin-top: 8px;
}

.finding p {
  margin: 0 0 6px;
}

.row {
  flex-wrap: wrap;
  gap: 8px;
}

.big {
  min-height: 60px;
  font-size: 18px;
  padding: 0 16px;
}

.field {
  width: 100%;
  height: 56px;
  font-size: 19px;
}
</style>
