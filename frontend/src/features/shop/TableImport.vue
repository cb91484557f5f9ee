<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import ImportBox from '@/shared/files/ImportBox.vue'
import { useImport } from '@/shared/files/useImport'

/** One table that is taken in: its columns, its headings to be filled in, and what a file of it gives. */
const props = defineProps<{
  to: '/api/register/imports' | '/api/services/imports'
  template: string
  title: string
  words: string
  columns: string
  optional: string
}>()
const mostShown = 12
const queries = useQueryClient()
const taking = useImport((file, apply, token) =>
  answered(
    api.POST(props.to, {
      params: { query: { apply, token } },
      body: file as never,
      bodySerializer: (body: unknown) => body as BodyInit,
      headers: { 'Content-Type': 'text/csv' },
    }),
  ),
)
const found = computed(() => taking.preview.value?.new ?? [])
async function apply(): Promise<void> {
  await taking.apply()
  await queries.invalidateQueries()
}
</script>

<template>
  <section class="panel stack" :aria-label="title">
    <h2>{{ title }}</h2>
    <p>{{ words }}</p>
    <p class="muted small">Columns: {{ columns }}. May be there: {{ optional }}.</p>
    <p><a :href="`/api/templates/${template}.csv`" class="go">Its headings, to fill in</a></p>
    <ImportBox :taking="taking" accept=".csv,text/csv" :label="`File: ${title}`" :count="found.length" @apply="apply">
      <p v-if="taking.preview.value">
        {{ found.length }} new, {{ taking.preview.value.same }}
        {{ taking.preview.value.same === 1 ? 'row is' : 'rows are' }} known already.
      </p>
      <ul v-if="found.length > 0" class="small">
        <li v-for="each in found.slice(0, mostShown)" :key="each">{{ each }}</li>
        <li v-if="found.length > mostShown">and {{ found.length - mostShown }} more</li>
      </ul>
    </ImportBox>
  </section>
</template>
