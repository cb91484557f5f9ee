<script setup lang="ts">
import { computed } from 'vue'
import type { Bench } from '@/shared/api/types'
import PartsToHold from './PartsToHold.vue'
import type { BenchStep } from './useBench'

/** What has to be kept in mind at all of the operations that are shown, each caution once; and parts to hold first. */
const props = defineProps<{ bench: Bench; run: BenchStep[] }>()
const operations = computed(() => [...new Map(props.run.map(({ operation }) => [operation.id, operation])).values()])
const cautions = computed(() => [
  ...new Map(operations.value.flatMap((each) => each.cautions).map((caution) => [caution.id, caution])).values(),
])
</script>

<template>
  <div class="cautions">
    <PartsToHold v-for="operation in operations" :key="operation.id" :bench="bench" :operation="operation" />
    <p v-if="cautions.length > 0" class="band">
      <span v-for="caution in cautions" :key="caution.id" class="caution"
        ><strong>{{ caution.title }}.</strong> {{ caution.text }}
      </span>
    </p>
  </div>
</template>

<style scoped>
.cautions {
  padding: 0 20px;
  display: flex;
  flex-direction: column;
  gap: 5px;
}

.caution {
  margin-right: 10px;
}

@media (max-width: 760px) {
  .cautions {
    padding: 0 12px;
    font-size: 15px;
  }
}
</style>
