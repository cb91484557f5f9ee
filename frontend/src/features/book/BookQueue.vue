<script setup lang="ts">
import { computed } from 'vue'
import type { Book } from '@/shared/api/types'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import { refusalWords } from '@/shared/words'
import FlagItem from './FlagItem.vue'
import { useQueue } from './useBook'

/** What waits for the service manager, the most pressing first. */
const props = defineProps<{ book: Book }>()
const { mayManage, account, personOf } = useSession()
const { timeZone } = useShop()
const { settleRefusal, settleProposal, decideFlag } = useQueue()

const drafts = computed(() => props.book.sheets.filter((sheet) => sheet.status === 'draft'))
const reviewed = computed(() => props.book.sheets.filter((sheet) => sheet.status === 'reviewed'))
const count = computed(
  () =>
    props.book.flags.length +
    props.book.refusals.length +
    props.book.proposals.length +
    drafts.value.length +
    reviewed.value.length,
)
function settling(id: number, take: boolean): boolean {
  const asked = settleProposal.variables.value
  return settleProposal.isPending.value && asked?.id === id && asked.take === take
}
const reason = (code: string): string => refusalWords[code as keyof typeof refusalWords]
</script>

<template>
  <section class="panel" aria-labelledby="waits">
    <h2 id="waits">
      Waiting for the service manager <span class="muted">{{ count }}</span>
    </h2>
    <p v-if="count === 0" class="muted">
      Nothing. Refused engines, filled holes, drafts and changed orders appear here.
    </p>
    <ul class="queue">
      <FlagItem
        v-for="flag in book.flags"
        :key="`f${flag.id}`"
        :flag="flag"
        :may-manage="mayManage"
        :working="decideFlag.isPending.value && decideFlag.variables.value?.id === flag.id"
        @decide="(renew, why) => decideFlag.mutate({ id: flag.id, renew, reason: why })"
      />
      <li v-for="refusal in book.refusals" :key="`r${refusal.id}`">
        <span class="mark-word alarm">refused engine</span>
        <span
          ><strong>{{ refusal.model }} {{ refusal.serial }}</strong> on
          <RouterLink :to="`/boats/${refusal.boatId}`">{{ refusal.boat }}</RouterLink>.
          <strong>{{ reason(refusal.reason) }}.</strong> {{ refusal.message }}
          <span class="muted small">{{ momentText(refusal.at, timeZone) }}, {{ personOf(refusal.by) }}</span></span
        >
        <el-button
          v-if="mayManage"
          size="small"
          :loading="settleRefusal.isPending.value && settleRefusal.variables.value === refusal.id"
          @click="settleRefusal.mutate(refusal.id)"
          >Settled</el-button
        >
      </li>
      <li v-for="proposal in book.proposals" :key="`p${proposal.id}`">
        <span class="mark-word ask">value proposed</span>
        <span
          ><strong>{{ proposal.label }}</strong> for {{ proposal.sheet }}, filled in on order
          <RouterLink :to="`/orders/${proposal.order}`">{{ proposal.order }}</RouterLink> by {{ proposal.by }} from
          {{ proposal.source }}: {{ proposal.reason }}</span
        >
        <span v-if="mayManage" class="row">
          <el-button
            size="small"
            type="primary"
            :loading="settling(proposal.id, true)"
            @click="settleProposal.mutate({ id: proposal.id, take: true })"
            >Into a draft</el-button
          >
          <el-button
            size="small"
            :loading="settling(proposal.id, false)"
            @click="settleProposal.mutate({ id: proposal.id, take: false })"
            >Turn down</el-button
          >
        </span>
      </li>
      <li v-for="sheet in reviewed" :key="`v${sheet.id}`">
        <span class="mark-word ask">to publish</span>
        <span
          ><RouterLink :to="`/book/sheets/${sheet.id}/${sheet.revision}`"
            >{{ sheet.id }} rev. {{ sheet.revision }}</RouterLink
          >
          was reviewed by {{ sheet.reviewer }}.</span
        >
      </li>
      <li v-for="sheet in drafts" :key="`d${sheet.id}`">
        <span class="mark-word ask">{{ sheet.author === account?.name ? 'your draft' : 'to review' }}</span>
        <span
          ><RouterLink :to="`/book/sheets/${sheet.id}/${sheet.revision}`"
            >{{ sheet.id }} rev. {{ sheet.revision }}</RouterLink
          >
          by {{ sheet.author }}, last changed {{ momentText(sheet.changedAt, timeZone) }}</span
        >
      </li>
    </ul>
    <ProblemNote :error="settleRefusal.error.value ?? settleProposal.error.value ?? decideFlag.error.value" unshown />
  </section>
</template>

<style scoped>
.queue {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}

.queue > :deep(li) {
  display: grid;
  grid-template-columns: 118px 1fr auto;
  gap: 12px;
  align-items: start;
  border-top: 1px solid var(--line);
  padding: 7px 0;
}

.queue > :deep(li) > .mark-word {
  justify-self: start;
}
</style>
