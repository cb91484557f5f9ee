<script setup lang="ts">
import type { BoardOrder } from '@/shared/board'
import { useNow } from '@/shared/now'
import { useSession, useShop } from '@/shared/session'
import { ageText, promise, waitsFor } from './useBoard'

defineProps<{ name: string; empty: string; orders: BoardOrder[]; count: number; left: number; fetching: boolean }>()
const emit = defineEmits<{ more: [] }>()
const { personOf } = useSession()
const { timeZone } = useShop()
const now = useNow()
const told = (order: BoardOrder) => promise(order, timeZone.value, now.value)

function target(order: BoardOrder): string {
  switch (order.status) {
    case 'in_work':
    case 'stopped':
    case 'parked':
      return `/orders/${order.number}/bench`
    case 'released':
      return `/orders/${order.number}/record`
    default:
      return `/orders/${order.number}`
  }
}
</script>

<template>
  <div class="column">
    <h2>
      {{ name }} <span class="muted">{{ count }}</span>
    </h2>
    <p v-if="orders.length === 0" class="muted small">{{ empty }}</p>
    <div v-else class="slips">
      <RouterLink v-for="order in orders" :key="order.number" :to="target(order)" class="slip" :class="order.status">
        <strong>{{ order.number }} · {{ order.boat }}</strong>
        <span class="small">{{ waitsFor(order) }}</span>
        <span v-if="told(order)" class="small" :class="{ late: told(order)?.late }">{{ told(order)?.text }}</span>
        <span class="small muted"
          >{{ order.technician ? `${personOf(order.technician)} · ` : '' }}in {{ ageText(order.since, now) }}, by
          {{ personOf(order.writer) }}</span
        >
      </RouterLink>
    </div>
    <button v-if="left > 0" type="button" class="mini" :disabled="fetching" @click="emit('more')">
      {{ left }} more<span class="visually-hidden"> {{ name }}</span>
    </button>
  </div>
</template>

<style scoped>
.column {
  border-top: 3px solid var(--green);
  padding-top: 8px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 88px;
}

/* a full lane does not push what comes due off the screen */
.slips {
  display: flex;
  flex-direction: column;
  gap: 6px;
  max-height: 350px;
  overflow-y: auto;
}

.slip {
  display: flex;
  flex-direction: column;
  background: var(--panel);
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 10px;
  color: var(--ink);
  text-decoration: none;
}

.slip:hover {
  border-color: var(--green);
}

.late {
  color: var(--red);
  font-weight: 700;
}

.slip.stopped {
  border: 2px solid var(--red);
  background: var(--red-tint);
}
</style>
