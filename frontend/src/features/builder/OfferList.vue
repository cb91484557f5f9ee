<script setup lang="ts">
import { computed } from 'vue'
import type { Offer } from '@/shared/api/types'
import { offeredOf, offerWords } from './offered'

/** While you’re in there: what could be done as well, what it takes now and alone, and when it would be due. */
const props = defineProps<{ offers: Offer[] }>()
const emit = defineEmits<{ takeUp: [offers: Offer[]] }>()
const offered = computed(() => offeredOf(props.offers))
</script>

<template>
  <section v-if="offered.length" class="offers" aria-label="While the engines are open">
    <h3>While the engines are open</h3>
    <div v-for="each in offered" :key="each.task">
      <div class="offer">
        <span>
          <strong>{{ each.title }}</strong>, {{ each.where }}<br />
          <span class="small">{{ each.words }}</span>
        </span>
        <button type="button" class="mini" @click="emit('takeUp', each.offers)">
          Add<span class="visually-hidden"> {{ each.title }}, {{ each.where }}</span>
        </button>
      </div>
      <details v-if="each.offers.length > 1" class="small">
        <summary>one engine only</summary>
        <div v-for="offer in each.offers" :key="offer.engineId" class="offer">
          <span>{{ offer.label }}: {{ offerWords([offer]) }}</span>
          <button type="button" class="mini" @click="emit('takeUp', [offer])">
            Add<span class="visually-hidden"> {{ each.title }}, {{ offer.label }}</span>
          </button>
        </div>
      </details>
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

summary {
  min-height: 24px;
  color: var(--green);
  cursor: pointer;
}
</style>
