<script setup lang="ts">
import type { SheetLine } from '@/shared/api/types'

defineProps<{ status: SheetLine['status'] }>()
const looks = { draft: 'ask', reviewed: 'ask', published: 'good', withdrawn: 'alarm' } as const
</script>

<template>
  <span class="mark-word" :class="looks[status]">{{ status }}</span>
</template>
