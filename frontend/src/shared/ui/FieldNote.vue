<script setup lang="ts">
/** The error of one field, under it. */
defineProps<{ text: string | undefined; id?: string }>()
</script>

<template>
  <p v-if="text" :id="id" class="field-note" role="alert">{{ text }}</p>
</template>

<style scoped>
.field-note {
  color: var(--red);
  font-size: 13px;
  font-weight: 600;
  margin-top: 3px;
}
</style>
