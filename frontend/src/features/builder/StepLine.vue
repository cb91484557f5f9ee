<script setup lang="ts">
import type { SketchedStep } from '@/shared/api/types'

defineProps<{ step: SketchedStep }>()
</script>

<template>
  <li>
    {{ step.text }}
    <strong v-if="step.figure" class="figure">{{ step.figure.text }}</strong>
    <span v-if="step.figure?.detail" class="muted small"> {{ step.figure.detail }}</span>
    <span v-if="step.beside" class="muted small"> · {{ step.beside }}</span>
    <span v-if="step.warning" class="small caution"> · {{ step.warning }}</span>
    <ul v-if="step.rows.length > 0" class="rows small">
      <li v-for="row in step.rows" :key="row">{{ row }}</li>
    </ul>
  </li>
</template>

<style scoped>
.figure {
  font-size: 16px;
}

.muted {
  margin-left: 4px;
}

.caution {
  color: var(--brass);
}
</style>
