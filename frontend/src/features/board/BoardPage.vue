<script setup lang="ts">
import { computed } from 'vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { useSession } from '@/shared/session'
import BoardColumn from './BoardColumn.vue'
import DueList from './DueList.vue'
import { useBoard } from './useBoard'

const { board, columns, error, isPending } = useBoard()
const { mayWrite } = useSession()
const stopped = computed(() => (board.value?.orders ?? []).filter((order) => order.status === 'stopped'))
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error" :error="error" />
  <div v-else-if="board" class="stack">
    <div v-for="order in stopped" :key="order.number" class="band stop row spread" role="alert">
      <span>
        <strong>Order {{ order.number }}, {{ order.boat.name }}: work stopped.</strong> {{ order.stoppedBy }}. Somebody
        has to decide how it goes on.
      </span>
      <RouterLink :to="`/orders/${order.number}/bench`">See and decide</RouterLink>
    </div>
    <section class="columns" aria-label="Orders by station">
      <BoardColumn
        v-for="column in columns"
        :key="column.name"
        :name="column.name"
        :empty="column.empty"
        :orders="column.orders"
      />
    </section>
    <p v-if="board.refusals > 0 || board.holes > 0" class="band row spread">
      <span>
        Waiting for the service manager: <strong>{{ board.refusals }}</strong> refused
        {{ board.refusals === 1 ? 'engine' : 'engines' }}, <strong>{{ board.holes }}</strong>
        {{ board.holes === 1 ? 'hole' : 'holes' }} in the spec book.
      </span>
      <RouterLink to="/book">Open the book</RouterLink>
    </p>
    <DueList :boats="board.boats" :may-check-in="mayWrite" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 12px;
}
</style>
