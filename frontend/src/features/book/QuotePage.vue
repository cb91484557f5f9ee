<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import AirField from '@/shared/ui/AirField.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { placeWords } from '@/shared/words'
import BookNav from './BookNav.vue'
import QuoteSides from './QuoteSides.vue'

/** The telephone call: a model, no serial number yet. Every side of a serial break, and nothing that can be issued. */
const { data: known } = useQuery({ queryKey: keys.quoteForm, queryFn: () => answered(api.GET('/api/quotes')) })
const form = ref({ model: '', tasks: [] as string[], place: 'shop', coldestC: 0, warmestC: 25 })
const quote = usePress({ mutationFn: () => answered(api.POST('/api/quotes', { body: form.value })) })
const modelError = computed(() => asProblem(quote.error.value)?.fields.get('/model'))
watch(known, (data) => {
  form.value.tasks = (data?.tasks ?? []).map((task) => task.task)
})
watch(form, () => quote.reset(), { deep: true })
</script>

<template>
  <div class="stack">
    <h1>Quote by model</h1>
    <BookNav />
    <form class="panel row" @submit.prevent="quote.mutate()">
      <label>
        Model
        <select v-model="form.model" class="cell" required>
          <option value="" disabled>choose</option>
          <option v-for="model in known?.models ?? []" :key="model.code" :value="model.code">
            {{ model.code }} · {{ model.maker }}
          </option>
        </select>
      </label>
      <fieldset class="row">
        <legend class="visually-hidden">Tasks</legend>
        <label v-for="task in known?.tasks ?? []" :key="task.task" class="row tight">
          <input v-model="form.tasks" type="checkbox" :value="task.task" /> {{ task.title }}
        </label>
      </fieldset>
      <label>
        Where
        <select v-model="form.place" class="cell">
          <option v-for="(word, place) in placeWords" :key="place" :value="place">{{ word }}</option>
        </select>
      </label>
      <label>
        Air from
        <AirField v-model="form.coldestC" label="Coldest air" /> to
        <AirField v-model="form.warmestC" label="Warmest air" />
      </label>
      <el-button type="primary" native-type="submit" :loading="quote.isPending.value">Quote</el-button>
    </form>
    <FieldNote :text="modelError" />
    <ProblemNote v-if="!modelError" :error="quote.error.value" unshown />
    <QuoteSides v-if="quote.data.value" :quote="quote.data.value" />
    <p v-else-if="!quote.error.value" class="muted">
      Choose the model and what the caller asks for. Where the serial number decides, both sides are shown; it is read
      from the plate before anything is ordered.
    </p>
  </div>
</template>

<style scoped>
.tight {
  gap: 5px;
}
</style>
