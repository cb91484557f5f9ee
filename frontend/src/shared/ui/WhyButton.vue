<script setup lang="ts">
/** “Why is this here?” One click, and Escape closes it. */
defineProps<{ about: string; text: string }>()
</script>

<template>
  <el-popover trigger="click" :width="340" placement="bottom-end" :title="about">
    <template #reference>
      <button type="button" class="why" :aria-label="`Why: ${about}`">why</button>
    </template>
    <p>{{ text }}</p>
    <slot />
  </el-popover>
</template>

<style scoped>
.why {
  font: inherit;
  font-size: 12.5px;
  border: 0;
  background: none;
  color: var(--green);
  text-decoration: underline dotted;
  cursor: pointer;
  min-height: 24px;
  padding: 0 4px;
}
</style>
