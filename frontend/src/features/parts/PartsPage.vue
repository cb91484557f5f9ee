<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import ContainerShelf from '@/drawing/ContainerShelf.vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import PartsNav from './PartsNav.vue'
import PickTable from './PickTable.vue'

const { data, error, isPending } = useQuery({
  queryKey: keys.pickLists,
  queryFn: () => answered(api.GET('/api/pick-lists')),
  refetchInterval: 20_000,
})
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error && !data" :error="error" />
  <div v-else-if="data" class="stack">
    <h1>Pick lists</h1>
    <PartsNav />
    <p v-if="data.orders.length === 0" class="panel">No order is at the bench: nothing to pull.</p>
    <section v-for="order in data.orders" :key="order.number" class="panel stack">
      <div class="row spread">
        <h2>Order {{ order.number }} · {{ order.boat }}</h2>
        <span class="muted">{{
          order.engines.map((engine) => `${engine.label} ${engine.model} ${engine.serial}`).join(' · ')
        }}</span>
      </div>
      <PickTable v-if="order.parts.length > 0" :parts="order.parts" />
      <p v-else class="muted">No part to pull; what is poured stands below.</p>
      <p>
        <RouterLink :to="`/orders/${order.number}/cart`">Check the cart of order {{ order.number }}</RouterLink>
      </p>
      <div v-for="pool in order.oil" :key="pool.grade">
        <h3>
          {{ pool.grade }}, class {{ pool.performanceClass }}: {{ pool.need.text }} for
          {{ pool.positions.join(' and ') }}
        </h3>
        <ContainerShelf v-if="pool.plan" :plan="pool.plan" />
        <p v-else class="band stop">{{ pool.shortage }}</p>
      </div>
      <div v-for="pool in order.lubricants.filter((each) => each.need !== null)" :key="pool.name">
        <h3>{{ pool.name }}: {{ pool.need?.text }} for {{ pool.positions.join(' and ') }}</h3>
        <ContainerShelf v-if="pool.plan" :plan="pool.plan" />
        <p v-else class="band stop">{{ pool.shortage }}</p>
      </div>
    </section>
  </div>
</template>
