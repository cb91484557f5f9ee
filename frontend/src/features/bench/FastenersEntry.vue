<script setup lang="ts">
import { ref } from 'vue'
import CountEntry from './CountEntry.vue'

/** As many fasteners back as the sheet names: one press; another number is typed. */
defineProps<{ named: number; sending: boolean }>()
const emit = defineEmits<{ count: [value: { in: number; out: number }] }>()
const isOther = ref(false)
</script>

<template>
  <CountEntry v-if="isOther" of="fasteners" :sending="sending" @count="(value) => emit('count', value)" />
  <div v-else class="row">
    <button type="button" class="big main" :disabled="sending" @click="emit('count', { in: named, out: named })">
      All {{ named }} are back
    </button>
    <button type="button" class="big" @click="isOther = true">Another number</button>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  gap: 10px;
}

.big {
  padding: 0 24px;
}
</style>
