<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Part } from '@/shared/api/types'
import { widths } from '@/shared/api/widths'
import { usePress } from '@/shared/api/usePress'
import DayField from '@/shared/ui/DayField.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { decimalInput, moneyText } from '@/shared/units'
import { kitText, readKit } from './kit'

/** One part: what it is, what took its place, which kits hold it; and the form to change it. */
const props = defineProps<{ number: string | null; mayChange: boolean }>()
const emit = defineEmits<{ open: [number: string] }>()
const queries = useQueryClient()
const { data, error } = useQuery({
  queryKey: computed(() => keys.part(props.number ?? '')),
  queryFn: () => answered(api.GET('/api/catalogue/part', { params: { query: { number: props.number ?? '' } } })),
  enabled: computed(() => props.number !== null),
  staleTime: 0,
})
const fresh: Part = {
  number: '',
  description: '',
  maker: '',
  origin: 'maker',
  packSize: 1,
  bin: '',
  inStock: 0,
  priceMinor: 0,
  supersededBy: null,
  kit: [],
  onOrder: 0,
  arrivesOn: null,
  substituteFor: null,
}
const form = ref({ ...fresh, price: '', kitWords: '' })
watch(
  data,
  (page) => {
    const part = page?.part ?? fresh
    form.value = { ...part, price: page ? moneyText(part.priceMinor) : '', kitWords: kitText(part.kit) }
  },
  { immediate: true },
)
const save = usePress({
  mutationFn: () => {
    const { price, kitWords, ...part } = form.value
    const minor = Math.round(Number(decimalInput(price)) * 100)
    const changed = {
      ...part,
      priceMinor: Number.isNaN(minor) ? -1 : minor,
      supersededBy: part.supersededBy === '' ? null : part.supersededBy,
      substituteFor: part.substituteFor === '' ? null : part.substituteFor,
      arrivesOn: part.arrivesOn === '' ? null : part.arrivesOn,
      kit: readKit(kitWords),
    }
    return answered(api.PUT('/api/catalogue/part', { body: { version: data.value?.version ?? null, part: changed } }))
  },
  onSuccess: async (page) => {
    queries.setQueryData(keys.part(page.part.number), page)
    await queries.invalidateQueries({ queryKey: ['catalogue'] })
    emit('open', page.part.number)
  },
})
const fieldError = (name: string): string | undefined =>
  [...(asProblem(save.error.value)?.fields ?? new Map<string, string>())].find(([pointer]) =>
    pointer.split('/').includes(name),
  )?.[1]
const fields = [
  { key: 'number', label: 'Number' },
  { key: 'description', label: 'Description' },
  { key: 'maker', label: 'Maker' },
  { key: 'bin', label: 'Bin' },
] as const
const counts = [
  { key: 'packSize', label: 'Pieces in a pack' },
  { key: 'inStock', label: 'In stock' },
  { key: 'onOrder', label: 'On order' },
] as const
</script>

<template>
  <section class="panel stack" :aria-label="number ?? 'New part'">
    <ProblemNote :error="error" />
    <h2>{{ number ?? 'New part' }}</h2>
    <p v-if="data && data.chain.length > 1" class="chain">
      <template v-for="(part, place) in data.chain" :key="part.number">
        <span v-if="place > 0" aria-label="was superseded by"> → </span>
        <strong v-if="part.number === number">{{ part.number }}</strong>
        <button v-else type="button" class="mini" @click="emit('open', part.number)">{{ part.number }}</button>
      </template>
    </p>
    <table v-if="data && data.part.kit.length" class="plain">
      <tbody>
        <tr v-for="line in data.part.kit" :key="line.part">
          <td>{{ line.count }} ×</td>
          <td>
            <button type="button" class="mini" @click="emit('open', line.part)">{{ line.part }}</button>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="data && data.kits.length">
      In kits:
      <button v-for="kit in data.kits" :key="kit.number" type="button" class="mini" @click="emit('open', kit.number)">
        {{ kit.number }} {{ kit.description }}
      </button>
    </p>
    <form v-if="mayChange" class="form" @submit.prevent="save.mutate()">
      <template v-for="field in fields" :key="field.key">
        <label :for="`part-${field.key}`">{{ field.label }}</label>
        <div>
          <input
            :id="`part-${field.key}`"
            v-model="form[field.key]"
            class="cell wide"
            :maxlength="widths.Part[field.key]"
            :readonly="field.key === 'number' && number !== null"
          />
          <FieldNote :text="fieldError(field.key)" />
        </div>
      </template>
      <label for="part-origin">Whose part</label>
      <select id="part-origin" v-model="form.origin" class="cell">
        <option value="maker">the engine maker’s</option>
        <option value="other">another’s</option>
      </select>
      <template v-for="field in counts" :key="field.key">
        <label :for="`part-${field.key}`">{{ field.label }}</label>
        <div>
          <input :id="`part-${field.key}`" v-model.number="form[field.key]" class="cell figure" inputmode="numeric" />
          <FieldNote :text="fieldError(field.key)" />
        </div>
      </template>
      <label for="part-arrives">Expected on</label>
      <div>
        <DayField
          id="part-arrives"
          :model-value="form.arrivesOn ?? ''"
          @update:model-value="(day) => (form.arrivesOn = day === '' ? null : day)"
        />
        <FieldNote :text="fieldError('arrivesOn')" />
      </div>
      <label for="part-price">Price of one</label>
      <div>
        <input id="part-price" v-model="form.price" class="cell figure" inputmode="decimal" placeholder="18.40" />
        <FieldNote :text="fieldError('priceMinor') ? 'Write a price such as 18.40.' : undefined" />
      </div>
      <label for="part-superseded">Superseded by</label>
      <div>
        <input
          id="part-superseded"
          v-model="form.supersededBy"
          class="cell wide"
          placeholder="no number took its place"
        />
        <FieldNote :text="fieldError('supersededBy')" />
      </div>
      <label for="part-substitute">Stands in for</label>
      <div>
        <input
          id="part-substitute"
          v-model="form.substituteFor"
          class="cell wide"
          placeholder="the maker’s number, if it is another’s part"
        />
        <FieldNote :text="fieldError('substituteFor')" />
      </div>
      <label for="part-kit">Kit holds</label>
      <div>
        <input id="part-kit" v-model="form.kitWords" class="cell wide" placeholder="such as DM-20961:1 DM-11407:2" />
        <FieldNote :text="fieldError('kit')" />
      </div>
      <span></span>
      <div>
        <el-button type="primary" native-type="submit" :loading="save.isPending.value">{{
          number === null ? 'Add the part' : 'Keep the changes'
        }}</el-button>
        <ProblemNote v-if="asProblem(save.error.value)?.fields.size === 0" :error="save.error.value" />
      </div>
    </form>
  </section>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 120px minmax(0, 1fr);
  gap: 6px 10px;
  align-items: start;
}

.form > label {
  padding-top: 5px;
}
</style>
