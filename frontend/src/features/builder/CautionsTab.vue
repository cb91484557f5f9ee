<script setup lang="ts">
import type { WorkSketch } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'

defineProps<{ cautions: WorkSketch['cautions'] }>()
</script>

<template>
  <div class="stack">
    <p v-for="caution in cautions" :key="caution.id" class="band">
      <strong>{{ caution.title }}.</strong> {{ caution.text }} <WhyButton :about="caution.title" :text="caution.why" />
    </p>
  </div>
</template>

<style scoped>
.stack {
  gap: 6px;
}
</style>
