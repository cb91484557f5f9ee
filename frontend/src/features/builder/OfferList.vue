<script setup lang="ts">
import type { Offer } from '@/shared/api/types'
import { dayText, minutesText } from '@/shared/units'

/** While you’re in there: what could be done as well, what it takes now and alone, and when it would be due. */
defineProps<{ offers: Offer[] }>()
const emit = defineEmits<{ takeUp: [offer: Offer] }>()
</script>

<template>
  <section v-if="offers.length" class="offers" aria-label="While the engines are open">
    <h3>While the engines are open</h3>
    <div v-for="offer in offers" :key="`${offer.engineId}${offer.task}`" class="offer">
      <span>
        <strong>{{ offer.title }}</strong>, {{ offer.label.toLowerCase() }}<br />
        <span class="small"
          >{{ minutesText(offer.nowMin) }} more now, {{ minutesText(offer.aloneMin) }} alone{{
            offer.expectedOn ? `; due ${dayText(offer.expectedOn)}` : ''
          }}{{ offer.beforeNext ? ', before the next visit' : '' }}</span
        >
      </span>
      <button type="button" class="mini" @click="emit('takeUp', offer)">
        Add<span class="visually-hidden"> {{ offer.title }}, {{ offer.label }}</span>
      </button>
    </div>
  </section>
</template>

<style scoped>
.offers {
  border-top: 1px dashed var(--field-line);
  padding-top: 8px;
}

.offer {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
}
</style>
