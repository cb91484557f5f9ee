<script setup lang="ts">
import type { Fields, SheetPage } from '@/shared/api/types'

/** The sections of a sheet, with what is on each and what each lacks. */
const props = defineProps<{ groups: Fields['groups']; page: SheetPage; changed: (path: string) => boolean }>()
const chosen = defineModel<string>({ required: true })

const known = (group: Fields['groups'][number]): number =>
  props.page.values.filter((value) => value.group === group.id && value.usable).length
const holes = (group: Fields['groups'][number]): number =>
  props.page.holes.filter((hole) => group.fields.some((field) => field.path === hole.path)).length
const unsaved = (group: Fields['groups'][number]): number =>
  group.fields.filter((field) => props.changed(field.path)).length
</script>

<template>
  <nav class="panel" aria-label="Sections of the sheet">
    <button
      v-for="group in groups"
      :key="group.id"
      type="button"
      :class="{ here: group.id === chosen }"
      :aria-current="group.id === chosen ? 'true' : undefined"
      @click="chosen = group.id"
    >
      <span>{{ group.label }}</span>
      <span v-if="unsaved(group)" class="mark-word ask">{{ unsaved(group) }} typed</span>
      <span v-else-if="holes(group)" class="mark-word alarm"
        >{{ holes(group) }} {{ holes(group) === 1 ? 'hole' : 'holes' }}</span
      >
      <span v-else class="muted small">{{ known(group) }}</span>
    </button>
  </nav>
</template>

<style scoped>
nav {
  padding: 4px 0;
  position: sticky;
  top: 0;
  max-height: calc(100vh - 80px);
  overflow: auto;
}

button {
  font: inherit;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 6px;
  width: 100%;
  text-align: left;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  color: var(--ink);
  padding: 7px 10px;
  min-height: 34px;
  cursor: pointer;
}

button:hover {
  background: var(--green-tint);
}

button.here {
  border-left-color: var(--green);
  background: var(--green-tint);
  font-weight: 700;
}
</style>
