<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Field, Fields, SheetPage, SheetValue } from '@/shared/api/types'
import FieldNote from '@/shared/ui/FieldNote.vue'
import ValueEditor from '@/shared/value/ValueEditor.vue'
import { emptyValue } from '@/shared/value/raw'
import FigureCell from './FigureCell.vue'
import type { Unsaved } from './useUnsaved'

/** One value of a draft: what it is, its control, its page, and where it stands. */
const props = defineProps<{
  field: Field
  fields: Fields
  shown: SheetValue | null
  hole: SheetPage['holes'][number] | null
  confirmed: boolean
  changed: boolean
  errors: string[]
}>()
const emit = defineEmits<{ undo: []; family: [on: boolean] }>()
const typed = defineModel<Unsaved>({ required: true })
const id = useId()

const inherited = computed(
  () =>
    typed.value.value === null && (props.shown?.standing === 'inherited' || props.shown?.standing === 'unconfirmed'),
)
</script>

<template>
  <div class="value" :class="{ changed }">
    <div class="name">
      {{ field.label }}
      <span v-if="field.safety" class="safety" title="Safety-relevant: a wrong one breaks an engine"
        ><span aria-hidden="true">⚠</span><span class="visually-hidden">safety-relevant</span></span
      >
      <span v-if="hole" class="mark-word alarm">hole: blocks {{ hole.blocks.join(', ').toLowerCase() }}</span>
      <span v-else-if="shown?.standing === 'unsourced'" class="mark-word alarm">no source yet</span>
      <div class="beside muted small">
        <template v-if="changed">
          <span class="mark-word ask">typed, not confirmed</span>
          <button type="button" class="mini" :aria-label="`Undo ${field.label}`" @click="emit('undo')">Undo</button>
        </template>
        <template v-else-if="shown && shown.standing !== 'unsourced'"
          >{{ shown.source }}{{ shown.by ? ` · ${shown.by}` : '' }}</template
        >
      </div>
    </div>
    <div v-if="inherited && shown" class="row">
      <FigureCell :value="shown" />
      <label v-if="field.safety" class="row tight">
        <input
          type="checkbox"
          :checked="confirmed"
          @change="emit('family', ($event.target as HTMLInputElement).checked)"
        />
        looked up for these engines
      </label>
      <button type="button" class="mini" @click="typed = { value: emptyValue(field), page: '' }">
        Another value here
      </button>
    </div>
    <button
      v-else-if="typed.value === null"
      type="button"
      class="mini add"
      :aria-label="`Add ${field.label}`"
      @click="typed = { value: emptyValue(field), page: '' }"
    >
      Add
    </button>
    <div v-else class="edit">
      <ValueEditor
        :field="field"
        :fields="fields"
        :invalid="errors.length > 0"
        :model-value="typed.value"
        @update:model-value="(value) => (typed = { ...typed, value })"
      />
      <label class="page">
        p.
        <input
          class="cell figure"
          :aria-label="`Page of ${field.label}`"
          :aria-describedby="errors.length ? id : undefined"
          :value="typed.page"
          @input="typed = { ...typed, page: ($event.target as HTMLInputElement).value.trim() }"
        />
      </label>
      <button
        type="button"
        class="mini"
        :aria-label="`Take out ${field.label}`"
        @click="typed = { value: null, page: '' }"
      >
        ✕
      </button>
    </div>
    <FieldNote v-for="error in errors" :id="id" :key="error" :text="error" />
  </div>
</template>

<style scoped>
.value {
  display: grid;
  grid-template-columns: 212px minmax(0, 1fr);
  gap: 4px 12px;
  align-items: start;
  border-top: 1px solid var(--line);
  padding: 7px 0 7px 6px;
  border-left: 3px solid transparent;
}

.value.changed {
  border-left-color: var(--brass-fill);
}

.name {
  padding-top: 5px;
}

.safety {
  color: var(--brass);
}

.add {
  justify-self: start;
}

.edit {
  display: flex;
  gap: 8px;
  align-items: start;
}

.edit > :first-child {
  flex: 1;
  min-width: 0;
}

.beside {
  display: flex;
  gap: 8px;
  align-items: center;
}

.page {
  white-space: nowrap;
}

.page .figure {
  width: 62px;
}

.tight {
  gap: 6px;
}

.value > :deep(.field-note) {
  grid-column: 2;
}
</style>
