<script setup lang="ts">
import { computed } from 'vue'
import type { WorkOrder } from '@/shared/api/types'
import { cartOf } from '@/shared/cart'

/** What is brought to the boat once, before the first drain, in the order in which hands reach for it. */
const props = defineProps<{ work: WorkOrder; issued?: boolean }>()
const stops = computed(() => cartOf(props.work))
</script>

<template>
  <p class="muted small">
    Bring it all to the boat before the first drain. Once the order is issued, each part’s number is held against the
    serial number: <RouterLink v-if="issued" :to="`/orders/${work.order}/cart`">check the cart</RouterLink
    ><template v-else>by hand or by scanner, on the cart’s own page</template>.
  </p>
  <ol class="stops">
    <li v-for="stop in stops" :key="stop.id">
      <strong>{{ stop.title }}</strong>
      <ul>
        <li v-for="line in stop.lines" :key="line.key" :class="line.kind">
          <span class="kind">{{ line.kind }}</span> <strong>{{ line.what }}</strong> {{ line.words }}
          <span class="muted small">{{ line.where }}</span>
        </li>
      </ul>
    </li>
  </ol>
</template>

<style scoped>
.stops {
  columns: 2;
  column-gap: 28px;
  margin: 6px 0 0;
  padding-left: 24px;
}

.stops > li {
  break-inside: avoid;
  margin-bottom: 8px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

.kind {
  display: inline-block;
  width: 42px;
  color: var(--muted);
  font-size: 12px;
}

.part .kind,
.oil .kind,
.lube .kind {
  color: var(--brass);
  font-weight: 700;
}
</style>
