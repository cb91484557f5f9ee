<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import FieldNote from '@/shared/ui/FieldNote.vue'

/** A model that the book does not know yet, and how its serial numbers are written. */
const queries = useQueryClient()
const cycles = { four_stroke: 'four-stroke', two_stroke: 'two-stroke', electric: 'electric', diesel: 'diesel' } as const
const form = ref<{ code: string; maker: string; cycle: keyof typeof cycles; prefixes: string; digits: string }>({
  code: '',
  maker: '',
  cycle: 'four_stroke',
  prefixes: '',
  digits: '5',
})
const add = usePress({
  mutationFn: () =>
    answered(
      api.POST('/api/book/models', {
        body: {
          code: form.value.code.trim(),
          maker: form.value.maker.trim(),
          cycle: form.value.cycle,
          serialPrefixes: form.value.prefixes
            .split(',')
            .map((each) => each.trim())
            .filter(Boolean),
          serialDigits: Number(form.value.digits),
        },
      }),
    ),
  onSuccess: () => queries.invalidateQueries({ queryKey: keys.quoteForm }),
})
const errors = computed(() => [...new Set(asProblem(add.error.value)?.fields.values() ?? [])])
</script>

<template>
  <details class="panel">
    <summary>The model is not in the list: add it</summary>
    <form class="row" @submit.prevent="add.mutate()">
      <input v-model="form.maker" class="cell" required aria-label="Maker" placeholder="maker" />
      <input v-model="form.code" class="cell" required aria-label="Model code" placeholder="model code" size="10" />
      <select v-model="form.cycle" class="cell" aria-label="Cycle">
        <option v-for="(word, cycle) in cycles" :key="cycle" :value="cycle">{{ word }}</option>
      </select>
      <input
        v-model="form.prefixes"
        class="cell"
        required
        aria-label="Serial prefixes"
        placeholder="serial prefixes, such as KS4-"
      />
      <label
        >and
        <input v-model="form.digits" class="cell figure" inputmode="numeric" aria-label="Digits of the serial number" />
        digits</label
      >
      <el-button native-type="submit" :loading="add.isPending.value">Add the model</el-button>
      <span v-if="add.isSuccess.value" role="status">Added.</span>
    </form>
    <FieldNote v-for="error in errors" :key="error" :text="error" />
    <FieldNote v-if="errors.length === 0" :text="asProblem(add.error.value)?.message" />
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
}

form {
  margin-top: 8px;
}
</style>
