<script setup lang="ts">
import { computed } from 'vue'
import type { PickList } from '@/shared/api/types'

/** Parts by bin, in the order in which one walks the store. */
const props = defineProps<{ parts: PickList['parts'] }>()
const byBin = computed(() => [...props.parts].sort((a, b) => (a.bin ?? '~').localeCompare(b.bin ?? '~')))
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th>Bin</th>
        <th>Number</th>
        <th>Part</th>
        <th>For</th>
        <th class="number">Pull</th>
        <th class="number">In stock</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="part in byBin" :key="part.number">
        <td>
          <strong>{{ part.bin ?? '–' }}</strong>
        </td>
        <td>
          <strong>{{ part.number }}</strong>
          <span v-if="part.standsFor" class="small"><br />not the maker’s: for {{ part.standsFor }}</span>
        </td>
        <td>{{ part.description ?? 'not in the catalogue' }}{{ part.singleUse ? ' · single use' : '' }}</td>
        <td>{{ part.positions.join(', ') }}</td>
        <td class="number pull">{{ part.count }}</td>
        <td class="number" :class="{ short: part.short > 0 }">
          {{ part.inStock ?? '–' }}{{ part.short > 0 ? `, ${part.short} short` : '' }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.pull {
  font-size: 18px;
  font-weight: 700;
}

.short {
  color: var(--red);
  font-weight: 700;
}
</style>
