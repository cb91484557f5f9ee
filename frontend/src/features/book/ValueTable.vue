<script setup lang="ts">
import { computed } from 'vue'
import type { Fields, SheetPage } from '@/shared/api/types'
import FigureCell from './FigureCell.vue'

/** One section to read: every value with its source, and the holes among them. */
const props = defineProps<{ group: Fields['groups'][number]; page: SheetPage }>()
const rows = computed(() =>
  props.group.fields
    .map((field) => ({
      field,
      value: props.page.values.find((value) => value.path === field.path) ?? null,
      hole: props.page.holes.find((hole) => hole.path === field.path) ?? null,
    }))
    .filter((row) => row.value !== null || row.hole !== null),
)
</script>

<template>
  <section class="panel" :aria-label="group.label">
    <h2>{{ group.label }}</h2>
    <p v-if="rows.length === 0" class="muted">Nothing on this sheet.</p>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>Value</th>
          <th>Figure</th>
          <th>Source</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.field.path">
          <td class="label">{{ row.field.label }}</td>
          <td>
            <FigureCell v-if="row.value" :value="row.value" />
            <span v-if="row.hole"
              ><span class="mark-word alarm">hole</span> blocks {{ row.hole.blocks.join(', ').toLowerCase() }}</span
            >
          </td>
          <td class="muted small">{{ row.value?.source }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.label {
  width: 240px;
}
</style>
