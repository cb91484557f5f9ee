<script setup lang="ts">
import type { EntryValue } from '@/shared/api/types'

/** The unit that the jug shows. */
const unit = defineModel<NonNullable<EntryValue['volume']>['unit']>({ required: true })
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
