<script setup lang="ts">
import type { WorkOrder } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'

defineProps<{ parts: WorkOrder['parts'] }>()
</script>

<template>
  <p v-if="parts.length === 0" class="muted">This order uses no parts.</p>
  <table v-else class="plain">
    <thead>
      <tr>
        <th>Number</th>
        <th>Part</th>
        <th>For</th>
        <th>Bin</th>
        <th class="number">How many</th>
        <th class="number">In stock</th>
        <th></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="part in parts" :key="part.number">
        <td>
          <strong>{{ part.number }}</strong>
        </td>
        <td>
          {{ part.description ?? 'not in the catalogue' }}
          <span v-if="part.singleUse" class="muted small">· single use</span>
        </td>
        <td>{{ part.positions.join(', ') }}</td>
        <td>{{ part.bin ?? '–' }}</td>
        <td class="number">
          <strong>{{ part.count }}</strong>
        </td>
        <td class="number" :class="{ short: part.short > 0 }">
          {{ part.inStock ?? '–' }}{{ part.short > 0 ? `, ${part.short} short` : '' }}
        </td>
        <td><WhyButton :about="part.number" :text="part.why" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.short {
  color: var(--red);
  font-weight: 700;
}
</style>
