<script setup lang="ts">
import { computed } from 'vue'
import type { Advice } from '@/shared/api/types'

const props = defineProps<{ advice: Advice }>()
const words = computed(() => {
  switch (props.advice.advice) {
    case 'wait':
      return `Wait ${props.advice.waitMin} min`
    case 'add':
      return `Add ${props.advice.amountMl} ml`
    case 'run':
      return 'Run the engine'
    case 'ok':
      return 'The level is fine'
    case 'takeOut':
      return `Take out ${props.advice.amountMl} ml`
    case 'investigate':
      return 'Find out why'
    case 'low':
      return 'Too low as it came in'
  }
})
const tone = computed(() =>
  props.advice.advice === 'ok' || props.advice.advice === 'run'
    ? 'fine'
    : props.advice.advice === 'wait' || props.advice.advice === 'add'
      ? ''
      : 'stop',
)
</script>

<template>
  <div class="band" :class="tone" role="status">
    <strong class="advice">{{ words }}</strong>
    <div>{{ advice.reason }}</div>
  </div>
</template>

<style scoped>
.advice {
  font-size: 26px;
}
</style>
