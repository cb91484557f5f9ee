<script setup lang="ts">
import { computed } from 'vue'
import { useBoardAnswer, useLane } from '@/shared/board'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { statusWords } from '@/shared/words'

const { board, error, isPending } = useBoardAnswer()
/** Those that are being worked on stand first. */
const lanes = [useLane(board, 'bench'), useLane(board, 'issued')]
const orders = computed(() => lanes.flatMap((lane) => lane.orders.value))
const left = computed(() => lanes.reduce((sum, lane) => sum + lane.left.value, 0))
function showMore(): void {
  lanes.filter((lane) => lane.left.value > 0).forEach((lane) => lane.showMore())
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="5" />
  <ProblemNote v-else-if="error" :error="error" />
  <section v-else class="list">
    <h1>Orders to work on</h1>
    <p v-if="orders.length === 0" class="panel">Nothing is issued. The service writer issues orders from the board.</p>
    <RouterLink
      v-for="order in orders"
      :key="order.number"
      :to="`/orders/${order.number}/bench`"
      class="order"
      :class="order.status"
    >
      <strong>{{ order.number }} · {{ order.boat }}</strong>
      <span>{{ statusWords[order.status] }}{{ order.stoppedBy ? `: ${order.stoppedBy}` : '' }}</span>
      <span class="muted">step {{ order.stepsDone }} of {{ order.steps }}</span>
    </RouterLink>
    <button v-if="left > 0" type="button" class="big" @click="showMore">Show {{ left }} more</button>
  </section>
</template>

<style scoped>
.list {
  display: flex;
  flex-direction: column;
  gap: 10px;
  max-width: 760px;
}

.order {
  display: grid;
  grid-template-columns: 1fr auto 150px;
  gap: 20px;
  align-items: center;
  min-height: 72px;
  padding: 0 20px;
  font-size: 18px;
  background: var(--panel);
  border: 1px solid var(--line);
  border-left: 8px solid var(--green);
  color: var(--ink);
  text-decoration: none;
}

.order.stopped {
  border-left-color: var(--red);
}
</style>
