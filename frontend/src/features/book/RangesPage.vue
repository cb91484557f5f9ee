<script setup lang="ts">
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BookNav from './BookNav.vue'
import RangeReport from './RangeReport.vue'
import { useBook } from './useBook'

const { book, error, isPending } = useBook()
</script>

<template>
  <div class="stack">
    <h1>Overlaps and gaps</h1>
    <BookNav />
    <el-skeleton v-if="isPending" :rows="4" />
    <ProblemNote v-else-if="error && !book" :error="error" />
    <template v-else-if="book">
      <p class="muted">
        Where two published sheets claim the same serial numbers, none of them is used: the engine is refused. Where
        none does, neither is the neighbour’s.
      </p>
      <RangeReport :ranges="book.ranges" />
    </template>
  </div>
</template>
