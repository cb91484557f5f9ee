<script setup lang="ts">
import { computed } from 'vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { useSession } from '@/shared/session'
import { useSetUp } from '@/shared/setUp'
import BoardColumn from './BoardColumn.vue'
import DueList from './DueList.vue'
import DueWeeks from './DueWeeks.vue'
import StaleNote from './StaleNote.vue'
import { useBoard } from './useBoard'
import { useDues } from './useDues'

const { board, columns, error, isPending } = useBoard()
const { chosen, choose, engines, more, skip, turn, error: duesError } = useDues()
const { mayWrite, mayManage } = useSession()
const { missing } = useSetUp()
const stopped = computed(() =>
  columns.flatMap((column) => column.orders.value).filter((each) => each.status === 'stopped'),
)
const headings = { now: 'Due now, the longest first', expected: 'Expected', no_record: 'Never recorded' } as const
const empties = {
  now: 'Nothing is due.',
  expected: 'No engine comes due in this week.',
  no_record: 'Every task of every engine has a record.',
} as const
/** The first page of what is due now comes with the board itself, and is there at once. */
const shown = computed(() =>
  chosen.value.which === 'now' && skip.value === 0 && engines.value.length === 0
    ? (board.value?.pressing ?? [])
    : engines.value,
)
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error && !board" :error="error" />
  <div v-else-if="board" class="stack">
    <p v-if="mayManage && missing > 0" class="band row spread">
      <span>
        The shop is not set up yet: <strong>{{ missing }}</strong> {{ missing === 1 ? 'part is' : 'parts are' }}
        missing.
      </span>
      <RouterLink to="/shop/set-up">Go on setting up</RouterLink>
    </p>
    <div v-for="order in stopped" :key="order.number" class="band stop row spread" role="alert">
      <span>
        <strong>Order {{ order.number }}, {{ order.boat }}: work stopped.</strong> {{ order.stoppedBy }}. Somebody has
        to decide how it goes on.
      </span>
      <RouterLink :to="`/orders/${order.number}/bench`">See and decide</RouterLink>
    </div>
    <section class="columns" aria-label="Orders by station">
      <BoardColumn
        v-for="column in columns"
        :key="column.name"
        :name="column.name"
        :empty="column.empty"
        :orders="column.orders.value"
        :count="column.count.value"
        :left="column.left.value"
        :fetching="column.isFetching.value"
        @more="column.showMore"
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
    <section class="panel stack" aria-label="Coming due">
      <DueWeeks :dues="board.dues" :chosen="chosen" @choose="choose" />
      <!-- below the weeks, so that they don't move from under the pointer when it comes and goes -->
      <StaleNote :dues="board.dues" />
      <div class="row spread">
        <h2>{{ headings[chosen.which] }}</h2>
        <span class="muted small">by hours or date, whichever comes first; expected by each engine’s usual use</span>
      </div>
      <ProblemNote :error="duesError" />
      <DueList :engines="shown" :may-check-in="mayWrite" :empty="empties[chosen.which]" />
      <p v-if="more || skip > 0" class="row">
        <button v-if="skip > 0" type="button" class="mini" @click="turn(-1)">Earlier ones</button>
        <button v-if="more" type="button" class="mini" @click="turn(1)">More</button>
      </p>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 12px;
}
</style>
