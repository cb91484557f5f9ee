<script setup lang="ts">
import { decimalShown } from '@/shared/figures'
import { ref, watch } from 'vue'
import { decimalInput, jugUnit, litresText } from '@/shared/units'
import JugUnit from './JugUnit.vue'
import { toSend, written, type LeftFields, type OilLeft, type OilPoolState } from './oilLeft'

/** What was opened of each oil and what is left of it, in the unit of the jug. */
const props = defineProps<{ pools: OilPoolState[] }>()
const left = defineModel<OilLeft[]>({ required: true })
const fields = ref<LeftFields[]>(
  props.pools.map((pool) => ({
    opened: decimalShown(written(pool.pulledMl, jugUnit())),
    left: '',
    unit: jugUnit(),
    notMeasured: false,
  })),
)
watch(fields, (typed) => (left.value = toSend(props.pools, typed, decimalInput)), { deep: true })
</script>

<template>
  <fieldset v-for="(pool, place) in pools" :key="pool.grade + pool.performanceClass" class="row oil">
    <legend>
      {{ pool.grade }}, {{ pool.performanceClass }}: {{ litresText(pool.pouredMl) }} poured. Measure what is left of
      what was opened.
    </legend>
    <template v-if="fields[place]">
      <label>Opened <input v-model="fields[place].opened" class="field" inputmode="decimal" /></label>
      <label
        >Left over
        <input v-model="fields[place].left" class="field" inputmode="decimal" :disabled="fields[place].notMeasured"
      /></label>
      <JugUnit v-model="fields[place].unit" />
      <label class="not"><input v-model="fields[place].notMeasured" type="checkbox" /> not measured</label>
    </template>
  </fieldset>
</template>

<style scoped>
.oil {
  align-items: flex-end;
  gap: 10px;
  flex-wrap: wrap;
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 12px 12px;
}

.oil legend {
  font-weight: 600;
  padding: 0 4px;
}

.field {
  width: 150px;
}

.not {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}

.not input {
  width: 24px;
  height: 24px;
  accent-color: var(--green);
}
</style>
