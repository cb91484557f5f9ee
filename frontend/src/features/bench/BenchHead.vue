<script setup lang="ts">
import { computed } from 'vue'
import type { Bench } from '@/shared/api/types'
import type { BenchStep, Panel } from './useBench'

const props = defineProps<{ bench: Bench; current: BenchStep | null; who: string }>()
/** What is shown. */
const panel = defineModel<Panel>('panel', { required: true })
function toggle(what: Panel): void {
  panel.value = panel.value === what ? 'step' : what
}
const engine = computed(
  () => props.bench.document.engines.find((each) => each.position === props.current?.operation.position) ?? null,
)
</script>

<template>
  <header class="head">
    <strong>Order {{ bench.order.number }}</strong>
    <span class="engine">{{ engine ? `${engine.label} · ${engine.model} · ${engine.serial}` : 'Whole rig' }}</span>
    <button type="button" class="figures" :aria-expanded="panel === 'plan'" @click="toggle('plan')">
      {{ panel === 'plan' ? 'Back to the step' : 'Plan' }}
    </button>
    <button type="button" class="figures more" :aria-expanded="panel === 'figures'" @click="toggle('figures')">
      {{ panel === 'figures' ? 'Back to the step' : 'Figures' }}
    </button>
    <button v-if="bench.order.status !== 'released'" type="button" class="figures more" @click="toggle('park')">
      Park …
    </button>
    <nav class="links" aria-label="Leave the bench">
      <RouterLink :to="`/orders/${bench.order.number}/cart`">Cart</RouterLink>
      <RouterLink :to="`/orders/${bench.order.number}/paper`">From paper</RouterLink>
      <RouterLink :to="`/orders/${bench.order.number}`">Order</RouterLink>
      <RouterLink to="/">Board</RouterLink>
    </nav>
    <button type="button" class="figures more who" :aria-expanded="panel === 'hands'" @click="toggle('hands')">
      {{ who }}
    </button>
  </header>
</template>

<style scoped>
.head {
  background: var(--green);
  color: #fff;
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 0 20px;
  min-height: 48px;
  white-space: nowrap;
}

.engine {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
}

.figures {
  margin-left: auto;
  font: inherit;
  font-weight: 700;
  color: var(--green);
  background: var(--panel);
  border: 0;
  border-radius: 3px;
  min-height: 44px;
  padding: 0 16px;
  cursor: pointer;
}

.figures.more {
  margin-left: 0;
}

.links {
  display: flex;
}

.links a {
  color: #fff;
  padding: 12px 8px;
}

@media (max-width: 1100px) {
  .head {
    gap: 8px;
  }

  .figures {
    padding: 0 10px;
  }

  .links a {
    padding: 12px 5px;
  }
}

@media (max-width: 760px) {
  .head {
    flex-wrap: wrap;
    gap: 4px 6px;
    padding: 4px 12px;
  }

  .engine {
    flex: 1 0 50%;
  }

  .figures {
    margin-left: 0;
    padding: 0 8px;
  }

  .links {
    order: 1;
  }
}
</style>
