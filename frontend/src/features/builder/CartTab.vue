<script setup lang="ts">
import { computed } from 'vue'
import type { WorkSketch } from '@/shared/api/types'
import { cartOf } from '@/shared/cart'
import CartStop from '@/shared/ui/CartStop.vue'

/** What is brought to the boat once, before the first drain, in the order in which hands reach for it. */
const props = defineProps<{ work: WorkSketch; issued?: boolean }>()
const stops = computed(() => cartOf(props.work))
</script>

<template>
  <p class="muted small">
    Bring it all to the boat before the first drain. Once the order is issued, each part’s number is held against the
    serial number: <RouterLink v-if="issued" :to="`/orders/${work.order}/cart`">check the cart</RouterLink
    ><template v-else>by hand or by scanner, on the cart’s own page</template>.
  </p>
  <ol class="stops">
    <CartStop v-for="stop in stops" :key="stop.id" :stop="stop" />
  </ol>
</template>

<style scoped>
.stops {
  columns: 2;
  column-gap: 28px;
  margin: 6px 0 0;
  padding-left: 24px;
}
</style>
