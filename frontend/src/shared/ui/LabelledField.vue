<script setup lang="ts">
import FieldNote from './FieldNote.vue'

/** A label over its field, and what is wrong with it under it. */
defineProps<{ label: string; for: string; error?: string | undefined; hint?: string | undefined }>()
</script>

<template>
  <div class="labelled">
    <label :for="$props.for">{{ label }}</label>
    <slot />
    <p v-if="hint" class="muted small">{{ hint }}</p>
    <FieldNote :text="error" />
  </div>
</template>

<style scoped>
.labelled label {
  display: block;
  font-weight: 600;
  margin-bottom: 2px;
}
</style>
