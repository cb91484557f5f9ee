<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, BenchStop, NewEntry } from '@/shared/api/types'
import { useKept } from '@/shared/kept'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import { newEntry } from './entries'

/** The work is stopped: what was found, what to do now, and for whom it is to decide. */
const props = defineProps<{ bench: Bench; stop: BenchStop; error: unknown; sending: boolean }>()
const emit = defineEmits<{ enter: [entry: NewEntry]; aside: [] }>()
const { mayLead, personOf } = useSession()
const { timeZone } = useShop()
const found = computed(() => props.bench.entries.find((entry) => entry.uuid === props.stop.entry) ?? null)
/** Outlives a reload; of another stop it is another one. */
const { kept: decision } = useKept<string>(`stop-${props.stop.entry}`)
const said = computed(() => (decision.value ?? '').trim())
const engine = computed(
  () => props.bench.document.engines.find((each) => each.position === props.stop.position)?.label ?? 'The whole rig',
)
/** What is not stopped: the other engines. */
const others = computed(() => props.stop.position !== null && props.bench.document.engines.length > 1)

function decide(): void {
  emit('enter', newEntry(props.stop.stepId, 'decision', { text: said.value }))
}
</script>

<template>
  <section class="stop" role="alert">
    <p class="word">STOP</p>
    <h1>{{ engine }}: {{ stop.label }}</h1>
    <p class="means">{{ stop.value === 'happened' ? stop.meaning : `It means: ${stop.meaning}.` }}</p>
    <p class="now">{{ stop.instruction }}</p>
    <p v-if="found" class="by">
      Entered by {{ personOf(found.by) }}, {{ momentText(found.at, timeZone) }}. The service writer sees it on the board
      now.
    </p>
    <ProblemNote :error="error" />
    <form v-if="mayLead" @submit.prevent="decide">
      <label>
        How does it go on? It stands in the record.
        <textarea v-model="decision" rows="3" maxlength="500" required></textarea>
      </label>
      <button type="submit" class="big main" :disabled="sending || said === ''">
        Write down and let the work go on
      </button>
    </form>
    <button type="button" class="big" @click="emit('aside')">
      {{ others ? 'Make it safe, or work on the other engines' : 'Make it safe' }}
    </button>
    <p v-if="!mayLead" class="band">The work goes on once a lead or a manager has written down a decision.</p>
  </section>
</template>

<style scoped>
.stop {
  flex: 1;
  overflow: auto;
  padding: 20px 32px;
  border: 10px solid var(--red);
  background: var(--red-tint);
  display: flex;
  flex-direction: column;
  gap: 12px;
}

.word {
  font-size: 64px;
  font-weight: 800;
  line-height: 1;
  color: var(--red);
}

h1 {
  font-size: 30px;
}

.now {
  font-size: 24px;
  font-weight: 700;
}

form {
  display: flex;
  flex-direction: column;
  gap: 12px;
  max-width: 720px;
}

textarea {
  display: block;
  width: 100%;
  font: inherit;
  border: 2px solid var(--field-line);
  border-radius: 4px;
  padding: 10px;
}
</style>
