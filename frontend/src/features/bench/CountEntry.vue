<script setup lang="ts">
import { ref } from 'vue'

/** Rags and tools: what went in and what came out. */
defineProps<{ sending: boolean }>()
const emit = defineEmits<{ count: [value: { in: number; out: number }] }>()
const went = ref('')
const came = ref('')
</script>

<template>
  <form class="count" @submit.prevent="emit('count', { in: Number(went), out: Number(came) })">
    <label>went in <input v-model="went" class="field" inputmode="numeric" pattern="[0-9]+" required /></label>
    <label>came out <input v-model="came" class="field" inputmode="numeric" pattern="[0-9]+" required /></label>
    <button type="submit" class="big main" :disabled="sending || went === '' || came === ''">Enter</button>
  </form>
</template>

<style scoped>
.count {
  display: flex;
  gap: 10px;
  align-items: flex-end;
}
</style>
