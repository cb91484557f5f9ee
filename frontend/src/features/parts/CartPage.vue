<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import { cartOf } from '@/shared/cart'
import AsOf from '@/shared/ui/AsOf.vue'
import CartStop from '@/shared/ui/CartStop.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import TakeBackPart from './TakeBackPart.vue'
import { useCart } from './useCart'

/** The cart before the first drain: what lies on it in the order of use, and each part held against its serial number. */
const number = Number(useRoute().params['number'])
const { cart, error, at, isPending, scans, told, hold, read, confirmedBy, asked, held: count } = useCart(number)
const stops = computed(() => (cart.value ? cartOf(cart.value.document) : []))
const atBench = computed(() => ['issued', 'in_work', 'stopped', 'parked'].includes(cart.value?.order.status ?? ''))
/** What is about to be taken back. */
const held = ref<{ part: string; on: string } | null>(null)
const typed = ref('')
const engine = ref('')
const box = useTemplateRef<HTMLInputElement>('box')

/** The field is free at once for the next number. */
function take(): void {
  const part = typed.value.trim()
  if (part !== '') {
    typed.value = ''
    void hold(part, engine.value || null)
  }
  box.value?.focus()
}
onMounted(() => setTimeout(() => box.value?.focus(), 400))
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="!cart" :error="error" />
  <div v-else class="stack cart">
    <AsOf :error="error" :at="at" />
    <div class="row spread">
      <h1>Cart of order {{ cart.order.number }} · {{ cart.boat }}</h1>
      <span class="muted">{{
        cart.document.engines.map((each) => `${each.label} ${each.model} ${each.serial}`).join(' · ')
      }}</span>
    </div>
    <form v-if="atBench" class="panel row hold" @submit.prevent="take">
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
        <strong>{{ count }} of {{ asked }}</strong> confirmed
        <progress :value="count" :max="Math.max(1, asked)" aria-label="Parts confirmed"></progress>
      </p>
    </form>
    <p v-else class="panel">This order is released: its cart is only shown.</p>
    <div v-if="scans.refusal" class="band stop row spread" role="alert">
      <span
        ><strong>{{ scans.queue[0]?.number }} was not taken.</strong> {{ scans.refusal.message }}</span
      >
      <button type="button" class="mini" @click="scans.drop()">I have read it: take it away</button>
    </div>
    <div
      v-for="scan in told"
      :key="scan.press"
      class="band answer row spread"
      :class="{ fine: scan.fits === true, stop: scan.fits === false }"
      :role="scan.fits === false ? 'alert' : 'status'"
    >
      <span v-if="scan.fits === null"
        >{{ scan.number }}: {{ scans.late ? 'not sent yet' : 'holding it against the order' }} …</span
      >
      <span v-else
        ><strong>{{ scan.fits ? '✓ Fits.' : '✕ Stop.' }}</strong> {{ scan.message }}</span
      >
      <button v-if="scan.fits === false" type="button" class="mini" @click="read(scan.press)">Read</button>
    </div>
    <ol class="stops">
      <CartStop
        v-for="stop in stops"
        :key="stop.id"
        :stop="stop"
        :confirmed-by="confirmedBy"
        :may-take-back="atBench"
        @take-back="(part, on) => (held = { part, on })"
      />
    </ol>
    <TakeBackPart v-if="held" :order="number" :part="held.part" :engine="held.on" @close="held = null" />
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
