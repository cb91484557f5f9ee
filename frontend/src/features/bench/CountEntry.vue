<script setup lang="ts">
import { ref } from 'vue'

/** Rags and tools: what went in comes out. Fasteners: what came out goes back in. */
const props = withDefaults(defineProps<{ sending: boolean; of?: 'rags' | 'fasteners' }>(), { of: 'rags' })
const emit = defineEmits<{ count: [value: { in: number; out: number }] }>()
const went = ref('')
const came = ref('')
const number = { class: 'field', inputmode: 'numeric', pattern: '[0-9]+', required: true } as const
const differs = ref(false)
const isOfRags = props.of === 'rags'
</script>

<template>
  <div v-if="isOfRags && !differs" class="numbers" role="group" aria-label="How many went in and came out again?">
    <button
      v-for="number in 9"
      :key="number"
      type="button"
      class="big"
      :disabled="sending"
      :aria-label="`${number} in, ${number} out`"
      @click="emit('count', { in: number, out: number })"
    >
      {{ number }}
    </button>
    <button type="button" class="big" @click="differs = true">Another number …</button>
    <p class="muted">A press says that as many came out as went in.</p>
  </div>
  <form v-else class="count" @submit.prevent="emit('count', { in: Number(went), out: Number(came) })">
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

.numbers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.numbers .big {
  min-width: 72px;
  padding: 0 12px;
}

.numbers p {
  flex: 1 0 100%;
  margin: 0;
}
</style>
