<script setup lang="ts">
import { computed } from 'vue'
import type { Bench } from '@/shared/api/types'

/** What lies on the cart and is in no engine: back to its bin before the cart is put away. */
const props = defineProps<{ bench: Bench }>()
const parts = computed(() =>
  props.bench.goesBack.map((each) => {
    const part = props.bench.document.parts.find((known) => known.number === each.number)
    const engine = props.bench.document.engines.find((known) => known.position === each.position)
    return { ...each, what: part?.description ?? '', bin: part?.bin ?? '', engine: engine?.label ?? '' }
  }),
)
</script>

<template>
  <section v-if="parts.length > 0" aria-labelledby="goes-back">
    <h2 id="goes-back">Back to the shelf</h2>
    <table class="plain">
      <tbody>
        <tr v-for="part in parts" :key="`${part.position} ${part.number}`">
          <td>
            <strong>{{ part.number }}</strong> {{ part.what }}
          </td>
          <td>{{ part.engine }}</td>
          <td>{{ part.laidOut ? 'laid out: back if it was not needed' : 'not fitted' }}</td>
          <td>{{ part.bin === '' ? '' : `bin ${part.bin}` }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
