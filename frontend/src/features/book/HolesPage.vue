<script setup lang="ts">
import { computed } from 'vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BookNav from './BookNav.vue'
import { useBook } from './useBook'

const { book, error, isPending } = useBook()
const sheets = computed(() => {
  const bySheet = new Map<string, NonNullable<typeof book.value>['holes']>()
  for (const hole of book.value?.holes ?? []) {
    const key = `${hole.sheet}/${hole.revision}`
    bySheet.set(key, [...(bySheet.get(key) ?? []), hole])
  }
  return [...bySheet.entries()].map(([key, holes]) => ({ key, holes }))
})
</script>

<template>
  <div class="stack">
    <h1>Holes in published sheets</h1>
    <BookNav />
    <el-skeleton v-if="isPending" :rows="4" />
    <ProblemNote v-else-if="error" :error="error" />
    <p v-else-if="sheets.length === 0" class="panel">None: every scheduled task finds its values.</p>
    <template v-else>
      <p class="muted">
        A value that a scheduled task needs and nobody has sourced. Its tasks are parked until the sheet has it; on a
        draft order the manager can fill it in from the manual at hand.
      </p>
      <section v-for="sheet in sheets" :key="sheet.key" class="panel">
        <h2>
          <RouterLink :to="`/book/sheets/${sheet.key}`"
            >{{ sheet.holes[0]?.sheet }} rev. {{ sheet.holes[0]?.revision }}</RouterLink
          >
          <span class="muted"> {{ sheet.holes[0]?.models.join(', ') }}</span>
        </h2>
        <table class="plain">
          <thead>
            <tr>
              <th>Missing</th>
              <th>Blocks</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="hole in sheet.holes" :key="hole.path">
              <td>
                <strong>{{ hole.label }}</strong>
              </td>
              <td>{{ hole.blocks.join(', ') }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>
