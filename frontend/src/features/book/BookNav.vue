<script setup lang="ts">
import { computed } from 'vue'
import LeafNav from '@/shared/ui/LeafNav.vue'
import { useBook } from './useBook'

/** The leaves of the book, with what waits on each. */
const { book } = useBook()
const leaves = computed(() => [
  { to: '/book', name: 'Sheets' },
  { to: '/book/holes', name: 'Holes', count: book.value?.holes.length ?? null },
  {
    to: '/book/ranges',
    name: 'Ranges',
    count: book.value ? book.value.ranges.overlaps.length + book.value.ranges.gaps.length : null,
  },
  { to: '/book/procedures', name: 'Procedures' },
  { to: '/book/quote', name: 'Quote by model' },
  { to: '/book/files', name: 'Files in and out' },
])
</script>

<template>
  <LeafNav name="The spec book" :leaves="leaves" />
</template>
