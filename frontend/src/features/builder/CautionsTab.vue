<script setup lang="ts">
import type { WorkOrder } from '@/shared/api/types'

defineProps<{ cautions: WorkOrder['cautions'] }>()
</script>

<template>
  <div class="stack">
    <p v-for="caution in cautions" :key="caution.id" class="band">
      <strong>{{ caution.title }}.</strong> {{ caution.text }}
    </p>
  </div>
</template>

<style scoped>
.stack {
  gap: 6px;
}
</style>
