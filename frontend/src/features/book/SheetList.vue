<script setup lang="ts">
import type { Book } from '@/shared/api/types'

defineProps<{ sheets: Book['sheets'] }>()
</script>

<template>
  <section class="panel">
    <h2>
      Sheets <span class="muted">{{ sheets.length }}</span>
    </h2>
    <details v-for="sheet in sheets" :key="`${sheet.id}${sheet.revision}`">
      <summary>
        <strong>{{ sheet.models.join(', ') }}</strong> · {{ sheet.maker }} · {{ sheet.ranges.join(', ') }}
        <span class="muted"> · {{ sheet.id }} rev. {{ sheet.revision }}, </span>
        <span :class="{ withdrawn: sheet.status === 'withdrawn' }">{{ sheet.status }}</span>
      </summary>
      <p class="muted small">Written by {{ sheet.author }}, reviewed by {{ sheet.reviewer }}.</p>
      <table class="plain">
        <tbody>
          <tr v-for="value in sheet.values" :key="value.label">
            <td>{{ value.label }}</td>
            <td>
              <strong>{{ value.figure }}</strong> <span class="muted small">{{ value.detail ?? '' }}</span>
            </td>
            <td class="muted small">{{ value.source }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </section>
</template>

<style scoped>
details {
  border-bottom: 1px solid var(--line);
}

summary {
  padding: 8px 2px;
  cursor: pointer;
}

.withdrawn {
  color: var(--red);
  font-weight: 700;
}
</style>
