<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { SheetPage } from '@/shared/api/types'
import FieldNote from '@/shared/ui/FieldNote.vue'
import { wholeOf, wordsOf } from './engines'
import { plainCopy } from '@/shared/copy'

type Applies = SheetPage['document']['appliesTo']

/** Which engines a draft is for, and what this revision changes. */
const props = defineProps<{ page: SheetPage; saving: boolean; errors: ReadonlyMap<string, string> }>()
const emit = defineEmits<{ save: [appliesTo: Applies, note: string] }>()

const stored = computed(() => props.page.document.appliesTo)
function asStored() {
  const { models, serials, years, gearcases } = stored.value
  return {
    models: models.join(', '),
    serials: plainCopy(serials).map((range) => ({ ...range, from: String(range.from), to: String(range.to) })),
    yearFrom: String(years?.from ?? ''),
    yearTo: String(years?.to ?? ''),
    gearcases: (gearcases ?? []).join(', '),
    note: props.page.note,
  }
}
const form = ref(asStored())
let before = JSON.stringify(asStored())
watch(
  () => props.page.version,
  () => {
    // what is typed here stays, whatever else of the sheet was changed
    if (JSON.stringify(form.value) === before) {
      form.value = asStored()
    }
    before = JSON.stringify(asStored())
  },
)
const applies = computed<Applies>(() => ({
  maker: stored.value.maker,
  models: wordsOf(form.value.models),
  serials: form.value.serials.map((range) => ({
    prefix: range.prefix.trim(),
    from: wholeOf(range.from),
    to: wholeOf(range.to),
  })),
  years:
    form.value.yearFrom.trim() === '' ? null : { from: wholeOf(form.value.yearFrom), to: wholeOf(form.value.yearTo) },
  gearcases: wordsOf(form.value.gearcases),
}))
const error = (start: string): string | undefined =>
  [...props.errors].find(([pointer]) => `${pointer}/`.startsWith(`/appliesTo/${start}`))?.[1]
</script>

<template>
  <details class="panel" :open="errors.size > 0 && error('') !== undefined">
    <summary>Engines that it is for, and what this revision changes</summary>
    <form class="stack" @submit.prevent="emit('save', applies, form.note)">
      <template v-if="!page.family">
        <label class="row">Models <input v-model="form.models" class="cell" /></label>
        <FieldNote :text="error('models/')" />
        <div v-for="(range, place) in form.serials" :key="place">
          <span class="row">
            Serial numbers
            <input v-model="range.prefix" class="cell" size="8" :aria-label="`Range ${place + 1}, prefix`" />
            <input
              v-model="range.from"
              class="cell figure"
              inputmode="numeric"
              :aria-label="`Range ${place + 1}, from`"
            />
            to
            <input v-model="range.to" class="cell figure" inputmode="numeric" :aria-label="`Range ${place + 1}, to`" />
            <button
              v-if="form.serials.length > 1"
              type="button"
              class="mini"
              :aria-label="`Remove range ${place + 1}`"
              @click="form.serials.splice(place, 1)"
            >
              ✕
            </button>
          </span>
          <FieldNote :text="error(`serials/${place}/`)" />
        </div>
        <span class="row">
          <button
            type="button"
            class="mini"
            @click="form.serials.push({ prefix: form.serials[0]?.prefix ?? '', from: '', to: '' })"
          >
            Add a range
          </button>
          <label>
            only model years <input v-model="form.yearFrom" class="cell figure" placeholder="all" /> to
            <input v-model="form.yearTo" class="cell figure" placeholder="all" aria-label="only model years, to" />
          </label>
          <label>only gearcases <input v-model="form.gearcases" class="cell" placeholder="all" /></label>
        </span>
        <FieldNote :text="error('years/') ?? error('gearcases/')" />
      </template>
      <label>
        What this revision changes, and why
        <input v-model="form.note" class="cell wide" maxlength="1000" />
      </label>
      <div><el-button native-type="submit" type="primary" :loading="saving">Keep</el-button></div>
    </form>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
}

form {
  margin-top: 10px;
  gap: 8px;
}
</style>
