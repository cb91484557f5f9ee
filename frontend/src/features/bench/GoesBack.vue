<script setup lang="ts">
import { computed } from 'vue'
import type { Bench, NewEntry } from '@/shared/api/types'
import LaidOutParts from './LaidOutParts.vue'

/** What lies on the cart and is in no engine: back to its bin before the cart is put away. */
const props = defineProps<{ bench: Bench; sending: boolean; mayWork: boolean }>()
const emit = defineEmits<{ tell: [entry: NewEntry] }>()
const laidOut = computed(() =>
  props.bench.parts.filter(
    (each) => each.laidOut && !each.byPlace && (each.fate !== 'not_fitted' || each.entry !== null),
  ),
)
const back = computed(() =>
  props.bench.parts
    .filter((each) => each.fate === 'not_fitted' && (!each.laidOut || each.byPlace || each.entry === null))
    .map((each) => {
      const part = props.bench.document.parts.find((known) => known.number === each.number)
      const engine = props.bench.document.engines.find((known) => known.position === each.position)
      return {
        key: `${each.operation ?? each.position} ${each.number}`,
        what: `${each.count === null ? '' : `${each.count} × `}${each.number}`,
        words: part?.description ?? '',
        bin: part?.bin ?? '',
        engine: engine?.label ?? '',
        why: each.entry !== null ? 'not needed' : each.laidOut ? 'not needed: its task was not done' : 'not fitted',
      }
    }),
)
</script>

<template>
  <section v-if="laidOut.length > 0" aria-labelledby="laid-out">
    <h2 id="laid-out">Did it go on?</h2>
    <LaidOutParts
      :bench="bench"
      :parts="laidOut"
      :sending="sending"
      :may-work="mayWork"
      @tell="(entry) => emit('tell', entry)"
    />
  </section>
  <section v-if="back.length > 0" aria-labelledby="goes-back">
    <h2 id="goes-back">Back to the shelf</h2>
    <table class="plain">
      <tbody>
        <tr v-for="part in back" :key="part.key">
          <td>
            <strong>{{ part.what }}</strong> {{ part.words }}
          </td>
          <td>{{ part.engine }}</td>
          <td>{{ part.why }}</td>
          <td>{{ part.bin === '' ? '' : `bin ${part.bin}` }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
