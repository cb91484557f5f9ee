<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import ImportBox from '@/shared/files/ImportBox.vue'
import { useImport } from '@/shared/files/useImport'
import { useSession } from '@/shared/session'
import BookNav from './BookNav.vue'
import ChangeLine from './ChangeLine.vue'

const queries = useQueryClient()
const { mayManage } = useSession()
const taking = useImport((file, apply, token) =>
  answered(
    api.POST('/api/book/imports', {
      params: { query: { apply, token } },
      body: file as never,
      bodySerializer: (body) => body,
      headers: { 'Content-Type': file.name.endsWith('.zip') ? 'application/zip' : 'application/json' },
    }),
  ),
)
const shown = computed(() => taking.done.value ?? taking.preview.value)
const changes = computed(() => (shown.value?.changes ?? []).filter((change) => change.kind !== 'same'))

async function apply(): Promise<void> {
  await taking.apply()
  await queries.invalidateQueries()
}
</script>

<template>
  <div class="stack">
    <h1>Files in and out</h1>
    <BookNav />
    <section class="panel">
      <h2>Take the book away</h2>
      <p>
        <a href="/api/book/archive.zip" download>The whole book (zip)</a>: models, every revision of every sheet,
        procedures. Taking it in again changes nothing. One sheet, and its schedule, are on the sheet’s own page.
      </p>
    </section>
    <section v-if="mayManage" class="panel stack">
      <h2>Take sheets in</h2>
      <p class="muted">
        One sheet as JSON, or the zip of a book. First you see what would change; then it is all or nothing. Sheets
        arrive as drafts for somebody else to review, whatever the file says; only this shop’s own export comes back as
        it went.
      </p>
      <p>
        To write sheets yourself, begin with
        <a href="/api/book/example.zip" download>a small example (zip)</a>: one invented model, its sheet, its parts,
        and a page that explains each line. Put your own in their place. Take the parts in first, at
        <RouterLink to="/parts/catalogue">the catalogue</RouterLink>, and then the zip here.
      </p>
      <ImportBox
        :taking="taking"
        accept=".json,.zip"
        label="Sheet or book"
        :count="changes.length"
        named
        @apply="apply"
      >
        <p v-if="changes.length === 0" class="muted">The book has all of it already.</p>
        <ul v-else>
          <ChangeLine v-for="change in changes" :key="change.name" :change="change" />
        </ul>
      </ImportBox>
    </section>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 8px;
}
</style>
