<script setup lang="ts">
import { computed, nextTick, onMounted, ref, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import { cartOf } from '@/shared/cart'
import CartStop from '@/shared/ui/CartStop.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { useCart } from './useCart'

/** The cart before the first drain: what lies on it in the order of use, and each part held against its serial number. */
const route = useRoute()
const number = computed(() => Number(route.params['number']))
const { cart, error, isPending, confirm, confirmedBy, asked, held } = useCart(number)
const stops = computed(() => (cart.value ? cartOf(cart.value.document) : []))
const atBench = computed(() => ['issued', 'in_work', 'stopped'].includes(cart.value?.order.status ?? ''))
const typed = ref('')
const engine = ref('')
const box = useTemplateRef<HTMLInputElement>('box')
const answer = computed(() => (confirm.isPending.value ? null : (confirm.data.value?.answer ?? null)))

async function hold(): Promise<void> {
  if (typed.value.trim() === '') {
    return
  }
  const told = await confirm.mutateAsync({ number: typed.value.trim(), engine: engine.value || null }).catch(() => null)
  typed.value = told === null ? typed.value : ''
  await nextTick()
  box.value?.focus()
}
onMounted(() => setTimeout(() => box.value?.focus(), 400))
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error" :error="error" />
  <div v-else-if="cart" class="stack cart">
    <div class="row spread">
      <h1>Cart of order {{ cart.order.number }} · {{ cart.boat }}</h1>
      <span class="muted">{{
        cart.document.engines.map((each) => `${each.label} ${each.model} ${each.serial}`).join(' · ')
      }}</span>
    </div>
    <form v-if="atBench" class="panel row hold" @submit.prevent="hold">
      <label class="grow"
        >Scan or type the number on the part’s label
        <input ref="box" v-model="typed" class="scan" autocomplete="off" spellcheck="false" />
      </label>
      <label v-if="cart.document.engines.length > 1"
        >Fitted to
        <select v-model="engine" class="scan">
          <option value="">every engine that it is for</option>
          <option v-for="each in cart.document.engines" :key="each.position" :value="each.label">
            {{ each.label }} {{ each.serial }}
          </option>
        </select></label
      >
      <button type="submit" class="scan go">Hold it against the order</button>
      <p class="count">
        <strong>{{ held }} of {{ asked }}</strong> confirmed
        <progress :value="held" :max="Math.max(1, asked)" aria-label="Parts confirmed"></progress>
      </p>
    </form>
    <p v-else class="panel">This order is released: its cart is only shown.</p>
    <ProblemNote :error="confirm.error.value" />
    <p
      v-if="answer"
      class="band answer"
      :class="answer.state === 'fits' ? 'fine' : 'stop'"
      :role="answer.state === 'fits' ? 'status' : 'alert'"
    >
      <strong>{{ answer.state === 'fits' ? '✓ Fits.' : '✕ Stop.' }}</strong> {{ answer.message }}
    </p>
    <ol class="stops">
      <CartStop v-for="stop in stops" :key="stop.id" :stop="stop" :confirmed-by="confirmedBy" />
    </ol>
    <p class="row">
      <RouterLink :to="`/orders/${cart.order.number}/bench`">Go to the bench</RouterLink>
      <RouterLink :to="`/orders/${cart.order.number}`">The order</RouterLink>
      <RouterLink to="/parts">Pick lists</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.hold {
  align-items: end;
  gap: 14px;
  flex-wrap: wrap;
}

.grow {
  flex: 1;
  min-width: 260px;
}

.scan {
  display: block;
  width: 100%;
  min-height: 48px;
  font: inherit;
  font-size: 20px;
  padding: 4px 12px;
  border: 2px solid var(--green);
  border-radius: 3px;
  background: var(--panel);
}

.go {
  width: auto;
  background: var(--green);
  color: #fff;
  cursor: pointer;
}

.count {
  flex-basis: 100%;
  margin: 0;
}

.count progress {
  accent-color: var(--green);
  width: 220px;
  vertical-align: middle;
  margin-left: 8px;
}

.answer {
  font-size: 18px;
}

.stops {
  columns: 2;
  column-gap: 28px;
  margin: 0;
  padding-left: 26px;
}
</style>
