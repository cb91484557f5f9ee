<script setup lang="ts">
import { ref } from 'vue'

/** Rags and tools: what went in comes out. Fasteners: what came out goes back in. */
const props = withDefaults(defineProps<{ sending: boolean; of?: 'rags' | 'fasteners' }>(), { of: 'rags' })
const emit = defineEmits<{ count: [value: { in: number; out: number }] }>()
const went = ref('')
const came = ref('')
const number = { class: 'field', inputmode: 'numeric', pattern: '[0-9]+', required: true } as const
const isOfRags = props.of === 'rags'
</script>

<template>
  <form class="count" @submit.prevent="emit('count', { in: Number(went), out: Number(came) })">
    <label v-if="isOfRags">went in <input v-model="went" v-bind="number" /></label>
    <label>came out <input v-model="came" v-bind="number" /></label>
    <label v-if="!isOfRags">went back in <input v-model="went" v-bind="number" /></label>
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
