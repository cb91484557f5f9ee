<script setup lang="ts">
/** On paper only: that this is a picture of the screen, and what the shop prints in its place. */
defineProps<{ what: string; where: string }>()
</script>

<template>
  <p class="print-only">This is a picture of the screen. {{ what }} is printed by “{{ where }}”.</p>
</template>
