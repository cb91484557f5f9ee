<script setup lang="ts">
import type { ServiceRecord } from '@/shared/api/types'

/** What was found, what it means, and what becomes of it. */
defineProps<{ findings: NonNullable<ServiceRecord['findings']> }>()
</script>

<template>
  <ul v-if="findings.length > 0" class="found">
    <li v-for="finding in findings" :key="`${finding.title} ${finding.text}`">
      <strong>{{ finding.title }}: {{ finding.text }}.</strong> {{ finding.meaning ?? '' }}
      <em>{{ finding.settled ?? 'nobody has decided' }}</em>
    </li>
  </ul>
</template>

<style scoped>
.found {
  border-left: 6px solid var(--brass-fill);
  background: var(--brass-tint);
  margin: 8px 0;
  padding: 8px 12px 8px 30px;
}
</style>
