<script setup lang="ts">
import { computed } from 'vue'
import type { Fields, SheetPage } from '@/shared/api/types'
import ValueRow from './ValueRow.vue'
import type { useUnsaved } from './useUnsaved'

/** One section of a draft: its values with the right controls, confirmed together. */
const props = defineProps<{
  group: Fields['groups'][number]
  fields: Fields
  page: SheetPage
  unsaved: ReturnType<typeof useUnsaved>
  saving: boolean
  errors: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ confirm: [paths: string[]]; family: [path: string, on: boolean] }>()

const changed = computed(() => props.group.fields.map((field) => field.path).filter(props.unsaved.changed))
const lacksDocument = computed(() => {
  const source = props.unsaved.source.value
  return (
    changed.value.some((path) => props.unsaved.of(path).page !== '') &&
    (!source || source.document.trim() === '' || source.revision.trim() === '')
  )
})
const errorsOf = (path: string): string[] => [
  ...new Set(
    [...props.errors]
      .filter(([pointer]) => `${pointer}/`.startsWith(`/values/${path}/`))
      .map(([pointer, text]) => `${placeOf(pointer)}${text}`),
  ),
]
/** In a table, which cell: `/values/propeller.stack/rows/0/piece` is row 1, piece. */
function placeOf(pointer: string): string {
  const [, , , rows, row, key] = pointer.split('/')
  return rows === 'rows' && row !== undefined ? `Row ${Number(row) + 1}${key ? `, ${key}` : ''}: ` : ''
}
</script>

<template>
  <form class="panel" :aria-label="group.label" @submit.prevent="emit('confirm', changed)">
    <div class="row spread head">
      <h2>{{ group.label }}</h2>
      <span class="row">
        <span v-if="lacksDocument" class="small trap">Name the document at hand and its revision first.</span>
        <el-button
          type="primary"
          native-type="submit"
          :disabled="changed.length === 0 || lacksDocument"
          :loading="saving"
          >{{
            changed.length === 0
              ? 'Nothing to confirm'
              : `Confirm ${changed.length} ${changed.length === 1 ? 'value' : 'values'}`
          }}</el-button
        >
      </span>
    </div>
    <ValueRow
      v-for="field in group.fields"
      :key="field.path"
      :field="field"
      :fields="fields"
      :shown="page.values.find((value) => value.path === field.path) ?? null"
      :hole="page.holes.find((hole) => hole.path === field.path) ?? null"
      :confirmed="(page.document.confirms ?? []).includes(field.path)"
      :changed="unsaved.changed(field.path)"
      :errors="errorsOf(field.path)"
      :model-value="unsaved.of(field.path)"
      @update:model-value="(typed) => unsaved.set(field.path, typed)"
      @undo="unsaved.drop([field.path])"
      @family="(on) => emit('family', field.path, on)"
    />
  </form>
</template>

<style scoped>
.head {
  position: sticky;
  top: -16px;
  z-index: 2;
  background: var(--panel);
  padding: 16px 0 6px;
  margin-top: -14px;
}

.trap {
  color: var(--brass);
  font-weight: 600;
}
</style>
