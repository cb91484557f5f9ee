<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, NewEntry } from '@/shared/api/types'
import { useKept } from '@/shared/kept'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import { newEntry } from './entries'

/** The work is stopped: what was found, what to do now, and for whom it is to decide. */
const props = defineProps<{ bench: Bench; error: unknown; sending: boolean }>()
const emit = defineEmits<{ enter: [entry: NewEntry] }>()
const { mayWrite, personOf } = useSession()
const { timeZone } = useShop()
const found = computed(
  () =>
    [...props.bench.entries]
      .reverse()
      .find((entry) => entry.kind === 'observation' && entry.text === props.bench.stoppedBy?.label) ?? null,
)
/** Outlives a reload; of another stop it is another one. */
const { kept: decision } = useKept<string>(`stop-${found.value?.uuid ?? props.bench.order.number}`)
const said = computed(() => (decision.value ?? '').trim())
const engine = computed(
  () =>
    props.bench.document.operations.find((operation) => operation.steps.some((step) => step.id === found.value?.stepId))
      ?.label ?? '',
)

function decide(): void {
  if (found.value !== null) {
    emit('enter', newEntry(found.value.stepId, 'decision', { text: said.value }))
  }
}
</script>

<template>
  <section class="stop" role="alert">
    <p class="word">STOP</p>
    <h1>{{ engine }}: {{ bench.stoppedBy?.label }}</h1>
    <p class="means">It means: {{ bench.stoppedBy?.meaning }}.</p>
    <p class="now">{{ bench.stoppedBy?.instruction }}</p>
    <p v-if="found" class="by">
      Found by {{ personOf(found.by) }}, {{ momentText(found.at, timeZone) }}. The service writer sees it on the board
      now.
    </p>
    <ProblemNote :error="error" />
    <form v-if="mayWrite" @submit.prevent="decide">
      <label>
        How does it go on? It stands in the record.
        <textarea v-model="decision" rows="3" maxlength="500" required></textarea>
      </label>
      <button type="submit" class="big main" :disabled="sending || said === ''">
        Write down and let the work go on
      </button>
    </form>
    <p v-else class="band">The work goes on once the service writer or the manager has written down a decision.</p>
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
