<script setup lang="ts">
import type { Premises } from '@/shared/api/types'
import { countries, currencies, timeZones, usualIn } from '@/shared/places'
import { paperWords } from '@/shared/words'
import LabelledField from './LabelledField.vue'

/** The shop as it stands on its papers, and where it is. */
const props = defineProps<{ field: (pointer: string) => string | undefined; readonly?: boolean; brief?: boolean }>()
const shop = defineModel<Premises>({ required: true })

function moved(): void {
  const country = shop.value.country ?? ''
  if (country !== '') {
    const usual = usualIn(country)
    shop.value = { ...shop.value, ...usual, currency: usual.currency || shop.value.currency, paper: null }
  }
}
const text = (value: string): string | null => (value.trim() === '' ? null : value)
</script>

<template>
  <LabelledField label="Name of the shop" for="shop-name" :error="props.field('/name')">
    <input id="shop-name" v-model="shop.name" class="cell wide" :maxlength="80" :readonly="readonly" />
  </LabelledField>
  <template v-if="!brief">
    <LabelledField
      label="Address"
      for="shop-address"
      hint="Stands at the head of the owner’s service record."
      :error="props.field('/address')"
    >
      <textarea
        id="shop-address"
        class="cell wide"
        rows="3"
        :maxlength="300"
        :value="shop.address ?? ''"
        :readonly="readonly"
        @input="shop.address = text(($event.target as HTMLTextAreaElement).value)"
      ></textarea>
    </LabelledField>
    <div class="row top">
      <LabelledField label="Telephone" for="shop-phone" :error="props.field('/phone')">
        <input
          id="shop-phone"
          class="cell"
          :maxlength="40"
          :value="shop.phone ?? ''"
          :readonly="readonly"
          @input="shop.phone = text(($event.target as HTMLInputElement).value)"
        />
      </LabelledField>
      <LabelledField label="E-mail" for="shop-email" :error="props.field('/email')">
        <input
          id="shop-email"
          class="cell"
          :maxlength="200"
          :value="shop.email ?? ''"
          :readonly="readonly"
          @input="shop.email = text(($event.target as HTMLInputElement).value)"
        />
      </LabelledField>
    </div>
  </template>
  <div class="row top">
    <LabelledField label="Country" for="shop-country" :error="props.field('/country')">
      <select id="shop-country" v-model="shop.country" class="cell" :disabled="readonly" @change="moved">
        <option :value="null" disabled>choose …</option>
        <option v-for="each in countries" :key="each.value" :value="each.value">{{ each.name }}</option>
      </select>
    </LabelledField>
    <LabelledField label="Time zone" for="shop-zone" :error="props.field('/timeZone')">
      <select id="shop-zone" v-model="shop.timeZone" class="cell" :disabled="readonly">
        <option value="" disabled>choose …</option>
        <option v-for="zone in timeZones" :key="zone">{{ zone }}</option>
      </select>
    </LabelledField>
  </div>
  <div class="row top">
    <LabelledField label="Currency" for="shop-currency" :error="props.field('/currency')">
      <select id="shop-currency" v-model="shop.currency" class="cell" :disabled="readonly">
        <option value="" disabled>choose …</option>
        <option v-for="each in currencies" :key="each.value" :value="each.value">{{ each.name }}</option>
      </select>
    </LabelledField>
    <LabelledField v-if="!brief" label="Paper in the printer" for="shop-paper" :error="props.field('/paper')">
      <select id="shop-paper" v-model="shop.paper" class="cell" :disabled="readonly">
        <option :value="null">as is usual in the country</option>
        <option v-for="(word, paper) in paperWords" :key="paper" :value="paper">{{ word }}</option>
      </select>
    </LabelledField>
  </div>
</template>

<style scoped>
select.cell {
  width: 250px;
}

.row.top {
  align-items: flex-start;
  gap: 20px;
  flex-wrap: wrap;
}
</style>
