<script setup lang="ts">
import { computed } from 'vue'
import type { OrderView } from '@/shared/api/types'
import { useSession, useShop } from '@/shared/session'
import { momentText, priceText } from '@/shared/units'

/** For when the telephone rings: how far it is, what comes next, when it is ready, what it costs so far as is known. */
const props = defineProps<{ view: OrderView }>()
const { personOf } = useSession()
const { timeZone } = useShop()
const caller = computed(() => props.view.caller)
const done = computed(() => {
  const { steps, stepsDone, worker } = caller.value
  const by = worker === null ? '' : `, ${personOf(worker)}`
  return steps === 0 ? 'not issued yet' : `${stepsDone} of ${steps} steps${by}`
})
const ready = computed(() => props.view.order.readyBy)
const cost = computed(() => {
  const { partsMinor, oilMinor, unpriced } = caller.value
  const hours = ((props.view.work?.labour.soldTenths ?? 0) / 10).toFixed(1)
  const without = unpriced.length === 0 ? '' : `, ${unpriced.join(', ')} without a price`
  return `${priceText(partsMinor + oilMinor)} parts and oil${without}; ${hours} h sold`
})
</script>

<template>
  <dl class="caller" aria-label="For the telephone">
    <div>
      <dt>Owner</dt>
      <dd>
        {{ caller.owner.name }}
        <a v-if="caller.owner.phone" :href="`tel:${caller.owner.phone.replaceAll(/[^+\d]/g, '')}`">{{
          caller.owner.phone
        }}</a>
        <span v-else class="muted">no number</span>
      </dd>
    </div>
    <div>
      <dt>Done so far</dt>
      <dd>{{ done }}</dd>
    </div>
    <div v-if="caller.next">
      <dt>Next</dt>
      <dd>{{ caller.next }}</dd>
    </div>
    <div v-if="ready">
      <dt>Ready by</dt>
      <dd>
        <strong>{{ momentText(ready, timeZone) }}</strong>
      </dd>
    </div>
    <div v-if="caller.waitsFor">
      <dt>Waits for</dt>
      <dd class="alarm">{{ caller.waitsFor }}</dd>
    </div>
    <div v-if="view.work && view.work.operations.length > 0">
      <dt>Costs so far</dt>
      <dd>{{ cost }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.caller {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  margin: 0;
  padding: 6px 12px;
  background: var(--panel);
  border: 1px solid var(--line);
  font-size: 13px;
}

dt {
  color: var(--muted);
  font-size: 12px;
}

dd {
  margin: 0;
}

.alarm {
  color: var(--red);
  font-weight: 700;
}
</style>
