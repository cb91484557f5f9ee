<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { decimalInput, litresText } from '@/shared/units'
import JugUnit from './JugUnit.vue'
import { wasteFields, wasteToSend, type ExpectedWaste, type Waste } from './waste'

/** What has to be got rid of: how much of it there was, and where it went. */
const props = defineProps<{ expected: ExpectedWaste[]; problems: ReadonlyMap<string, string> }>()
const waste = defineModel<Waste[]>({ required: true })
const fields = ref(wasteFields(props.expected))
watch(fields, (typed) => (waste.value = wasteToSend(props.expected, typed, decimalInput)), {
  deep: true,
  immediate: true,
})
/** An error names the place in what was sent. */
const problemOf = computed(() => (kind: string) => {
  const place = waste.value.findIndex((each) => each.kind === kind)
  return [...props.problems].find(([pointer]) => pointer.startsWith(`/waste/${place}/`))?.[1]
})
</script>

<template>
  <fieldset v-if="expected.length > 0" class="waste">
    <legend>Waste: how much, and where did it go?</legend>
    <div v-for="each in expected" :key="each.kind" class="row line" role="group" :aria-label="each.label">
      <strong class="kind">{{ each.label }}</strong>
      <template v-if="fields[each.kind]">
        <label
          >{{ each.counted ? 'Pieces' : 'Amount' }}
          <input v-model="fields[each.kind]!.amount" class="field" inputmode="decimal"
        /></label>
        <JugUnit v-if="!each.counted" v-model="fields[each.kind]!.unit" />
        <label class="where">Into <input v-model="fields[each.kind]!.container" class="field" maxlength="80" /></label>
        <span v-if="each.drainedMl !== null" class="muted"
          >{{ litresText(each.drainedMl) }} was measured as it came out</span
        >
        <span v-if="problemOf(each.kind)" class="problem" role="alert">{{ problemOf(each.kind) }}</span>
      </template>
    </div>
    <p class="muted">What is left empty stands in the record as not written down.</p>
  </fieldset>
</template>

<style scoped>
.waste {
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 12px 12px;
}

.waste legend {
  font-weight: 600;
  padding: 0 4px;
}

.line {
  align-items: flex-end;
  gap: 10px;
  flex-wrap: wrap;
  margin-bottom: 8px;
}

.kind {
  width: 200px;
  align-self: center;
}

.field {
  width: 110px;
}

.where .field {
  width: 220px;
}

.problem {
  color: var(--red);
  font-weight: 600;
}
</style>
