<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import ImportBox from '@/shared/files/ImportBox.vue'
import { useImport } from '@/shared/files/useImport'
import { priceText } from '@/shared/units'

/** Parts and prices as CSV, out and in. */
defineProps<{ mayChange: boolean }>()
const queries = useQueryClient()
const taking = useImport((file, apply, token) =>
  answered(
    api.POST('/api/catalogue/imports', {
      params: { query: { apply, token } },
      body: file as never,
      bodySerializer: (body) => body,
      headers: { 'Content-Type': 'text/csv' },
    }),
  ),
)
const shown = computed(() => taking.preview.value)
const count = computed(() => (shown.value ? shown.value.added + shown.value.changed : 0))

async function apply(): Promise<void> {
  await taking.apply()
  await queries.invalidateQueries({ queryKey: ['catalogue'] })
  await queries.invalidateQueries({ queryKey: ['part'] })
}
</script>

<template>
  <section class="panel stack" aria-label="Parts as a file">
    <h2>As a file</h2>
    <p><a href="/api/catalogue/parts.csv" download>All parts and prices (CSV)</a></p>
    <template v-if="mayChange">
      <p class="muted small">
        Change it in a spreadsheet, save it as CSV UTF-8, take it in again: first you see what would change.
      </p>
      <ImportBox :taking="taking" accept=".csv,text/csv" label="Parts file" :count="count" @apply="apply">
        <p v-if="shown">{{ shown.added }} new, {{ shown.changed }} changed, {{ shown.same }} the same.</p>
        <table v-if="shown && shown.changes.length" class="plain">
          <tbody>
            <tr v-for="change in shown.changes.slice(0, 12)" :key="change.row">
              <td class="muted small">row {{ change.row }}</td>
              <td>
                <strong>{{ change.after.number }}</strong> {{ change.after.description }}
              </td>
              <td class="number">
                <template v-if="change.before && change.before.priceMinor !== change.after.priceMinor"
                  ><s>{{ priceText(change.before.priceMinor) }}</s> {{ priceText(change.after.priceMinor) }}</template
                >
                <span v-else-if="!change.before" class="mark-word good">new</span>
                <span v-else class="muted small">other fields</span>
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="count > 12" class="muted small">… and {{ count - 12 }} more.</p>
      </ImportBox>
    </template>
  </section>
</template>
