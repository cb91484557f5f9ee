<script setup lang="ts">
import { ref } from 'vue'

/** Rags and tools: what went in comes out. Fasteners: what came out goes back in. */
const props = withDefaults(defineProps<{ sending: boolean; of?: 'rags' | 'fasteners' }>(), { of: 'rags' })
const emit = defineEmits<{ count: [value: { in: number; out: number }] }>()
const went = ref('')
const came = ref('')
const words = props.of === 'rags' ? { in: 'went in', out: 'came out' } : { in: 'went back in', out: 'came out' }
</script>

<template>
  <form class="count" @submit.prevent="emit('count', { in: Number(went), out: Number(came) })">
    <label>{{ words.in }} <input v-model="went" class="field" inputmode="numeric" pattern="[0-9]+" required /></label>
    <label>{{ words.out }} <input v-model="came" class="field" inputmode="numeric" pattern="[0-9]+" required /></label>
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
