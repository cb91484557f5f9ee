<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answered, api, asProblem } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import FieldNote from '@/shared/ui/FieldNote.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import NewModel from './NewModel.vue'
import { wholeOf, wordsOf } from './engines'
import { useBook } from './useBook'

/** A new sheet: for which engines; empty, or with the values of another, all of which have to be looked up again. */
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const copy = computed(() =>
  typeof route.query['copy'] === 'string'
    ? { sheet: route.query['copy'], revision: Number(route.query['revision']) }
    : null,
)
const form = ref({
  id: '',
  kind: 'engines',
  maker: '',
  base: '',
  model: '',
  prefix: '',
  from: '',
  to: '',
  yearFrom: '',
  yearTo: '',
  gearcases: '',
})
const { data: known } = useQuery({ queryKey: keys.quoteForm, queryFn: () => answered(api.GET('/api/quotes')) })
const { book } = useBook()
const families = computed(() => (book.value?.sheets ?? []).filter((each) => each.family && each.status === 'published'))
const isFamily = computed(() => form.value.kind === 'family')
const base = computed(() => {
  const [sheet = '', revision = ''] = form.value.base.split('/')
  return sheet === '' ? null : { sheet, revision: Number(revision) }
})
const maker = computed(() => known.value?.models.find((model) => model.code === form.value.model)?.maker ?? '')

const engines = () => ({
  maker: maker.value,
  models: [form.value.model],
  serials: [{ prefix: form.value.prefix.trim(), from: wholeOf(form.value.from), to: wholeOf(form.value.to) }],
  years: form.value.yearFrom === '' ? null : { from: wholeOf(form.value.yearFrom), to: wholeOf(form.value.yearTo) },
  gearcases: wordsOf(form.value.gearcases),
})

const start = usePress({
  mutationFn: () =>
    answered(
      api.POST('/api/book/sheets', {
        body: {
          id: form.value.id.trim(),
          copyOf: copy.value,
          family: isFamily.value,
          base: isFamily.value ? null : base.value,
          appliesTo: isFamily.value ? { maker: form.value.maker.trim(), models: [], serials: [] } : engines(),
        },
      }),
    ),
  onSuccess: async (page) => {
    await queries.invalidateQueries({ queryKey: keys.book })
    await router.push(`/book/sheets/${page.id}/${page.revision}`)
  },
})
const errors = computed(() => asProblem(start.error.value)?.fields ?? new Map<string, string>())
const error = (...starts: string[]): string | undefined =>
  [...errors.value].find(([pointer]) => starts.some((each) => pointer.startsWith(each)))?.[1]
</script>

<template>
  <div class="stack">
    <p class="small"><RouterLink to="/book">Spec book</RouterLink></p>
    <h1>Start a new sheet</h1>
    <p v-if="copy" class="band">
      With the values of <strong>{{ copy.sheet }} rev. {{ copy.revision }}</strong
      >, all <strong>without a source</strong>: none counts before somebody has looked it up for these engines.
    </p>
    <form class="panel form" @submit.prevent="start.mutate()">
      <label for="kind">Kind</label>
      <select id="kind" v-model="form.kind" class="cell">
        <option value="engines">for engines of a model</option>
        <option value="family">family sheet, for others to build on</option>
      </select>
      <label for="name">Name of the sheet</label>
      <div>
        <input id="name" v-model="form.id" class="cell wide" required placeholder="such as kestrane-k165-third" />
        <FieldNote :text="error('/id')" />
      </div>
      <template v-if="isFamily">
        <label for="maker">Maker</label>
        <div>
          <input id="maker" v-model="form.maker" class="cell wide" required />
          <FieldNote :text="error('/appliesTo/maker')" />
        </div>
      </template>
      <template v-else>
        <label for="model">Model</label>
        <div>
          <select id="model" v-model="form.model" class="cell" required>
            <option value="" disabled>choose</option>
            <option v-for="model in known?.models ?? []" :key="model.code" :value="model.code">
              {{ model.code }} · {{ model.maker }}
            </option>
          </select>
          <FieldNote :text="error('/appliesTo/models', '/appliesTo/maker')" />
        </div>
        <label for="prefix">Serial numbers</label>
        <div>
          <span class="row">
            <input id="prefix" v-model="form.prefix" class="cell" required placeholder="prefix" size="8" />
            <input
              v-model="form.from"
              class="cell figure"
              required
              inputmode="numeric"
              aria-label="Serial numbers from"
              placeholder="from"
            />
            to
            <input
              v-model="form.to"
              class="cell figure"
              required
              inputmode="numeric"
              aria-label="Serial numbers to"
              placeholder="to"
            />
          </span>
          <FieldNote :text="error('/appliesTo/serials')" />
        </div>
        <label for="years">Only model years</label>
        <div>
          <span class="row">
            <input id="years" v-model="form.yearFrom" class="cell figure" inputmode="numeric" placeholder="all" /> to
            <input
              v-model="form.yearTo"
              class="cell figure"
              inputmode="numeric"
              aria-label="Only model years, to"
              placeholder="all"
            />
          </span>
          <FieldNote :text="error('/appliesTo/years')" />
        </div>
        <label for="gearcases">Only gearcase variants</label>
        <div>
          <input
            id="gearcases"
            v-model="form.gearcases"
            class="cell wide"
            placeholder="all; or names with commas between"
          />
          <FieldNote :text="error('/appliesTo/gearcases')" />
        </div>
        <label for="base">Builds on</label>
        <div>
          <select id="base" v-model="form.base" class="cell">
            <option value="">no family sheet</option>
            <option v-for="each in families" :key="each.id" :value="`${each.id}/${each.revision}`">
              {{ each.id }} rev. {{ each.revision }}
            </option>
          </select>
          <FieldNote :text="error('/base')" />
        </div>
      </template>
      <span></span>
      <div class="row">
        <el-button type="primary" native-type="submit" :loading="start.isPending.value">Start the draft</el-button>
        <ProblemNote :error="start.error.value" unshown />
      </div>
    </form>
    <NewModel />
  </div>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 190px minmax(0, 460px);
  gap: 10px 14px;
  align-items: start;
}

.form > label {
  font-weight: 600;
  padding-top: 5px;
}
</style>
