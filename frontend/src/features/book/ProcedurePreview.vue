<script setup lang="ts">
import type { components } from '@/shared/api/schema'

defineProps<{ preview: components['schemas']['ProcedurePreview'] }>()
</script>

<template>
  <section class="panel stack" aria-label="Preview">
    <p v-if="preview.holes.length > 0" class="band stop">
      <strong
        >{{ preview.holes.length === 1 ? 'One slot stays' : `${preview.holes.length} slots stay` }} empty on this
        sheet:</strong
      >
      {{ preview.holes.map((hole) => hole.label).join(', ') }}. The task would be parked.
    </p>
    <p v-else class="band fine">Every slot finds its figure on this sheet.</p>
    <p class="muted">{{ preview.aloud }}</p>
    <div v-for="operation in preview.done" :key="operation.id">
      <h3>
        {{ operation.title }}
        <span class="muted small">{{ operation.attendedMin }} min hands-on · {{ operation.why }}</span>
      </h3>
      <ol>
        <li v-for="(step, place) in operation.steps" :key="place">
          {{ step.text }} <strong v-if="step.figure">{{ step.figure }}</strong>
          <span v-if="step.detail" class="muted small"> {{ step.detail }}</span>
          <span v-for="label in step.missing" :key="label" class="mark-word alarm">no {{ label }}</span>
        </li>
      </ol>
    </div>
    <p v-if="preview.skipped.length > 0" class="muted small">Not for this engine: {{ preview.skipped.join(', ') }}.</p>
  </section>
</template>

<style scoped>
ol {
  margin: 2px 0 0;
  padding-left: 22px;
}
</style>
