<script setup lang="ts">
import { computed, ref } from 'vue'
import type { OrderFile } from '@/shared/api/types'
import { answered, api } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import { paperWords, statusWords } from '@/shared/words'

/** What can be done with an order that was issued. */
const props = defineProps<{ order: OrderFile; format?: string | undefined }>()
const emit = defineEmits<{ reopened: [] }>()
const { personOf, mayWrite, mayManage } = useSession()
const { timeZone, papers } = useShop()
const reopen = usePress({
  mutationFn: () =>
    answered(api.POST('/api/orders/{number}/reopening', { params: { path: { number: props.order.number } } })),
  onSuccess: () => {
    emit('reopened')
  },
})
/** Issued by earlier rules, and nobody has worked on it. */
const isOld = computed(() => props.order.status === 'issued' && (props.format ?? '').endsWith('/1'))
const renew = usePress({
  mutationFn: () =>
    answered(
      api.POST('/api/orders/{number}/renewal', {
        params: { path: { number: props.order.number } },
        body: { reason: 'It was issued by earlier rules.' },
      }),
    ),
  onSuccess: () => {
    emit('reopened')
  },
})
const density = ref<'full' | 'short' | 'trainee'>('full')
const sheet = (paper: 'a4' | 'letter'): string =>
  `/api/orders/${props.order.number}/sheet.pdf?paper=${paper}&density=${density.value}`
</script>

<template>
  <div v-if="order.status === 'draft'" class="muted">A draft: the service writer issues it.</div>
  <div v-else-if="order.closing" class="stack">
    <p class="band">
      <strong>{{ order.status === 'discarded' ? 'Discarded' : 'Cancelled' }}</strong> by
      {{ personOf(order.closing.by) }}, {{ momentText(order.closing.at, timeZone) }}: {{ order.closing.why }}
    </p>
    <ProblemNote :error="reopen.error.value" />
    <el-button v-if="mayWrite" :loading="reopen.isPending.value" @click="reopen.mutate()">Bring it back</el-button>
  </div>
  <div v-else class="stack">
    <strong>{{
      order.status === 'released'
        ? 'Released'
        : order.status === 'issued'
          ? `Issued by ${personOf(order.issuedBy ?? '')}`
          : `Issued, ${statusWords[order.status]}`
    }}</strong>
    <div v-if="isOld" class="note small">
      Issued by earlier rules. It can be worked as it is. Made anew, it follows the rules of today; throw away what was
      printed.
      <template v-if="!mayManage">The manager makes it anew.</template>
      <ProblemNote :error="renew.error.value" />
      <el-button v-if="mayManage" size="small" :loading="renew.isPending.value" @click="renew.mutate()"
        >Make it anew</el-button
      >
    </div>
    <RouterLink v-if="order.status !== 'released'" :to="`/orders/${order.number}/bench`" class="act main"
      >Open at the bench</RouterLink
    >
    <RouterLink v-if="order.status !== 'released'" :to="`/orders/${order.number}/cart`" class="act"
      >Check the cart</RouterLink
    >
    <RouterLink v-else :to="`/orders/${order.number}/record`" class="act main">Service record and label</RouterLink>
    <label class="small"
      >Sheet
      <select v-model="density">
        <option value="full">full, step by step</option>
        <option value="short">short, for an old hand</option>
        <option value="trainee">with why and usual slips</option>
      </select></label
    >
    <div class="row">
      <a v-for="paper in papers" :key="paper" :href="sheet(paper)" target="_blank" class="act"
        >Print {{ paperWords[paper] }}</a
      >
    </div>
  </div>
</template>

<style scoped>
.stack {
  gap: 8px;
}

.act {
  display: inline-block;
  flex: 1;
  text-align: center;
  border: 2px solid var(--green);
  border-radius: 3px;
  padding: 7px 10px;
  text-decoration: none;
  font-weight: 600;
  white-space: nowrap;
}

.act.main {
  background: var(--green);
  color: #fff;
}
</style>
