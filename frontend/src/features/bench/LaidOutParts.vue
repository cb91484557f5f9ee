<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Bench, NewEntry } from '@/shared/api/types'
import { newEntry } from './entries'

/** Parts that lay ready in case they are needed: how many went on, and what goes back to the shelf. */
const props = defineProps<{ bench: Bench; parts: Bench['parts']; sending: boolean; mayWork: boolean }>()
const emit = defineEmits<{ tell: [entry: NewEntry] }>()

const most = 6
const changing = ref<string | null>(null)
const why = ref('')
const rows = computed(() =>
  props.parts.map((part) => {
    const known = props.bench.document.parts.find((each) => each.number === part.number)
    const engine = props.bench.document.engines.find((each) => each.position === part.position)
    return {
      part,
      key: `${part.operation ?? part.position} ${part.number}`,
      what: known?.description ?? '',
      where: [engine?.label ?? '', known?.bin ? `bin ${known.bin}` : ''].filter((each) => each !== '').join(', '),
      counts: Array.from({ length: Math.min(part.count ?? most, most) }, (_, place) => place + 1),
    }
  }),
)

function say(part: Bench['parts'][number], count: number): void {
  if (part.stepId !== null) {
    const value = { number: part.number, count }
    emit('tell', newEntry(part.stepId, 'part_used', value, part.entry, part.entry === null ? {} : { why: why.value }))
  }
  changing.value = null
  why.value = ''
}
</script>

<template>
  <div v-for="row in rows" :key="row.key" class="laid-out" role="group" :aria-label="`Laid out: ${row.part.number}`">
    <p class="what">
      Laid out{{ row.part.count === null ? '' : ` ${row.part.count} ×` }} <strong>{{ row.part.number }}</strong>
      {{ row.what }} <span class="muted">{{ row.where }}</span>
    </p>
    <p v-if="row.part.entry !== null && changing !== row.key" class="row">
      <strong>{{ row.part.fitted ? `${row.part.fitted} went on` : 'not needed: back to the shelf' }}</strong>
      <button v-if="mayWork && row.part.entry" type="button" class="mini" @click="changing = row.key">
        It was different …
      </button>
    </p>
    <template v-else-if="mayWork && row.part.stepId">
      <label v-if="row.part.entry" class="why">
        Why is it wrong? <input v-model="why" class="field" maxlength="300" />
      </label>
      <div class="row">
        <button
          type="button"
          class="big"
          :disabled="sending || (row.part.entry !== null && why.trim() === '')"
          @click="say(row.part, 0)"
        >
          Not needed, goes back
        </button>
        <button
          v-for="count in row.counts"
          :key="count"
          type="button"
          class="big"
          :disabled="sending || (row.part.entry !== null && why.trim() === '')"
          @click="say(row.part, count)"
        >
          {{ count }} went on
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.laid-out {
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 12px;
  margin-top: 10px;
  background: var(--panel);
}

.row {
  flex-wrap: wrap;
  gap: 8px;
}

.big {
  font-size: 17px;
  padding: 0 16px;
}

.field {
  width: 100%;
}
</style>
