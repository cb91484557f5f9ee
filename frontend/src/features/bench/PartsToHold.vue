<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Bench, Operation } from '@/shared/api/types'
import { partsOf } from '@/shared/cart'
import { documentOfToday } from '@/shared/ofToday'

/** The parts that this operation fits and whose numbers nobody has held against the serial number yet. */
const props = defineProps<{ bench: Bench; operation: Operation }>()
const { data } = useQuery({
  queryKey: computed(() => keys.cart(props.bench.order.number)),
  queryFn: ({ signal }) =>
    documentOfToday(
      answered(
        api.GET('/api/orders/{number}/cart', { params: { path: { number: props.bench.order.number } }, signal }),
      ),
    ),
  refetchInterval: 30_000,
})
const open = computed(() => {
  const confirmed = data.value?.confirmed
  return confirmed === undefined
    ? []
    : partsOf(props.bench.document, props.operation).filter(
        (number) => !confirmed.some((each) => each.number === number && each.engine === props.operation.label),
      )
})
</script>

<template>
  <p v-if="open.length > 0" class="band">
    <strong>Hold the number against this engine first:</strong> {{ open.join(', ') }}.
    <RouterLink class="go" :to="`/orders/${bench.order.number}/cart`">Check the cart</RouterLink>
  </p>
</template>

<style scoped>
.go {
  display: inline-block;
  padding: 6px 10px;
  font-weight: 700;
}
</style>
