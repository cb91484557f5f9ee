<script setup lang="ts" generic="Unit extends string">
/** The unit that the jug shows. */
const unit = defineModel<Unit>({ required: true })
</script>

<template>
  <label>
    unit
    <select v-model="unit" class="field">
      <option value="l">litres</option>
      <option value="ml">millilitres</option>
      <option value="us_qt">US quarts</option>
    </select>
  </label>
</template>
