<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Oil } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { plainCopy } from '@/shared/copy'
import { useShop } from '@/shared/session'
import FormDialog from '@/shared/ui/FormDialog.vue'
import LabelledField from '@/shared/ui/LabelledField.vue'
import { oilOf, typedOf, volumeUnits } from './oils'

/** One size of container of one oil: new, changed, or taken off the shelf. */
const props = defineProps<{ oil: Oil | null }>()
const emit = defineEmits<{ close: [] }>()
const queries = useQueryClient()
const { shop } = useShop()
const typed = ref(plainCopy(typedOf(props.oil)))
async function kept(answer: { oils: Oil[] }): Promise<void> {
  queries.setQueryData(keys.oils, answer)
  await queries.invalidateQueries({ queryKey: keys.setUp })
  emit('close')
}
const keep = usePress({
  mutationFn: () =>
    props.oil === null
      ? answered(api.POST('/api/oils', { body: oilOf(typed.value) }))
      : answered(
          api.PUT('/api/oils/{id}', {
            params: { path: { id: props.oil.id } },
            body: { oil: oilOf(typed.value), version: props.oil.version },
          }),
        ),
  onSuccess: kept,
})
const remove = usePress({
  mutationFn: (oil: Oil) =>
    answered(api.DELETE('/api/oils/{id}', { params: { path: { id: oil.id }, query: { version: oil.version } } })),
  onSuccess: kept,
})
const told = fieldsOf(keep.error)
const field = (name: string): string | undefined =>
  told(`/${props.oil === null ? '' : 'oil/'}${name}`) ?? told(`/${props.oil === null ? '' : 'oil/'}${name}/value`)
const error = computed(() => keep.error.value ?? remove.error.value)
const texts = [
  { key: 'product', label: 'Product', hint: 'as it stands on the container', most: 40 },
  { key: 'grade', label: 'Grade', hint: 'such as 10W-40; of a gear lubricant, the first part of its name', most: 20 },
  { key: 'performanceClass', label: 'Performance class', hint: 'such as VO-3; gear lubricant, grease', most: 40 },
] as const
</script>

<template>
  <FormDialog
    :title="oil ? oil.product : 'Another oil'"
    :action="oil ? 'Keep it' : 'Put it on the shelf'"
    :error="error"
    :busy="keep.isPending.value"
    @send="keep.mutate()"
    @close="emit('close')"
  >
    <LabelledField
      v-for="each in texts"
      :key="each.key"
      :label="each.label"
      :for="`oil-${each.key}`"
      :hint="each.hint"
      :error="field(each.key)"
    >
      <input :id="`oil-${each.key}`" v-model="typed[each.key]" class="cell wide" :maxlength="each.most" />
    </LabelledField>
    <div class="pair">
      <LabelledField label="Container" for="oil-size" :error="field('size')">
        <input id="oil-size" v-model="typed.size.value" class="cell figure" inputmode="decimal" />
        <select v-model="typed.size.unit" class="cell" aria-label="Unit of the container">
          <option v-for="(word, unit) in volumeUnits" :key="unit" :value="unit">{{ word }}</option>
        </select>
      </LabelledField>
      <LabelledField
        :label="`Price of one, ${shop?.currency ?? ''}`"
        for="oil-price"
        :error="field('priceMinor') && 'An amount such as 10.90.'"
      >
        <input id="oil-price" v-model="typed.price" class="cell figure" inputmode="decimal" />
      </LabelledField>
      <LabelledField
        label="Unopened on the shelf"
        for="oil-stock"
        hint="Left empty: nobody counts them."
        :error="field('inStock')"
      >
        <input id="oil-stock" v-model="typed.inStock" class="cell figure" inputmode="numeric" />
      </LabelledField>
      <LabelledField label="Left in the opened one" for="oil-opened" hint="Left empty: none." :error="field('opened')">
        <input id="oil-opened" v-model="typed.opened.value" class="cell figure" inputmode="decimal" />
        <select v-model="typed.opened.unit" class="cell" aria-label="Unit of what is left">
          <option v-for="(word, unit) in volumeUnits" :key="unit" :value="unit">{{ word }}</option>
        </select>
      </LabelledField>
    </div>
    <button v-if="oil" type="button" class="mini off" :disabled="remove.isPending.value" @click="remove.mutate(oil)">
      Take it off the shelf
    </button>
  </FormDialog>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 20px;
}

.off {
  align-self: start;
}
</style>
