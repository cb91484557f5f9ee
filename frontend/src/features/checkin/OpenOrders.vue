<script setup lang="ts">
import type { OrderFile } from '@/shared/api/types'
import { useShop, useSession } from '@/shared/session'
import { momentText } from '@/shared/units'
import { statusWords } from '@/shared/words'

const { personOf } = useSession()
defineProps<{ orders: OrderFile[] }>()
const { timeZone } = useShop()
const beside = defineModel<boolean>('beside', { required: true })
</script>

<template>
  <section class="band open" aria-labelledby="open-orders">
    <h2 id="open-orders">This boat is in already</h2>
    <p v-for="order in orders" :key="order.number" class="row">
      <RouterLink class="go" :to="`/orders/${order.number}`">Go on with order {{ order.number }}</RouterLink>
      <span class="muted"
        >{{ statusWords[order.status] }}, checked in {{ momentText(order.openedAt, timeZone) }} by
        {{ personOf(order.openedBy) }}</span
      >
    </p>
    <el-checkbox :model-value="beside" @update:model-value="(chosen) => (beside = chosen === true)"
      >Open a second order beside {{ orders.length === 1 ? 'it' : 'them' }}</el-checkbox
    >
  </section>
</template>

<style scoped>
.open {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px 16px;
}

h2,
p {
  margin: 0;
}

.go {
  font-weight: 600;
}
</style>
