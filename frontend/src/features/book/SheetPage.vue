<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { asProblem } from '@/shared/api/client'
import { useSession } from '@/shared/session'
import AsOf from '@/shared/ui/AsOf.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { useFields } from '@/shared/value/useFields'
import EnginesEditor from './EnginesEditor.vue'
import GroupRail from './GroupRail.vue'
import SectionEditor from './SectionEditor.vue'
import SheetActions from './SheetActions.vue'
import SheetHead from './SheetHead.vue'
import SourceBar from './SourceBar.vue'
import ValueTable from './ValueTable.vue'
import { useSheet } from './useSheet'
import { useUnsaved } from './useUnsaved'

const route = useRoute()
const sheet = computed(() => ({ id: String(route.params['id']), revision: Number(route.params['revision']) }))
const actions = useSheet(sheet)
const { page, error, failureReason, dataUpdatedAt, isPending, edit, refetch } = actions
const { fields } = useFields()
const { mayManage } = useSession()
const unsaved = useUnsaved(page, () => `sheet-${sheet.value.id}-${sheet.value.revision}`)
const editing = computed(() => mayManage.value && page.value?.status === 'draft')
const chosen = ref('oil')
const group = computed(() => fields.value?.groups.find((each) => each.id === chosen.value))
const conflict = computed(() => asProblem(edit.error.value)?.key === 'conflict.changed')

function confirm(paths: string[]): void {
  const sent = new Map(paths.map((path) => [path, JSON.stringify(unsaved.of(path))]))
  // what was typed on meanwhile stays typed
  const asSent = (path: string): boolean => sent.get(path) === JSON.stringify(unsaved.of(path))
  edit
    .mutateAsync(unsaved.change(paths))
    .then(() => unsaved.drop(paths.filter(asSent)))
    .catch(() => null)
}
function confirmFamily(path: string, on: boolean): void {
  const before = page.value?.document.confirms ?? []
  edit.mutate({ confirms: on ? [...before, path] : before.filter((each) => each !== path) })
}
async function loadAgain(): Promise<void> {
  edit.reset()
  await refetch()
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="error && !page" :error="error" />
  <div v-else-if="page && fields && group" class="stack">
    <AsOf :error="error ?? failureReason" :at="dataUpdatedAt" />
    <SheetHead :page="page" />
    <SheetActions :page="page" :actions="actions" :unsaved="unsaved.paths.value.filter(unsaved.changed).length" />
    <div v-if="conflict" class="band stop row spread" role="alert">
      <span>{{ asProblem(edit.error.value)?.message }} What you typed stays in the fields.</span>
      <el-button @click="loadAgain">Load it again</el-button>
    </div>
    <ProblemNote v-else :error="edit.error.value" unshown />
    <EnginesEditor
      v-if="editing"
      :page="page"
      :saving="edit.isPending.value"
      :errors="asProblem(edit.error.value)?.fields ?? new Map()"
      @save="(appliesTo, note) => edit.mutate({ appliesTo, note })"
    />
    <div class="leaves">
      <GroupRail v-model="chosen" :groups="fields.groups" :page="page" :changed="unsaved.changed" />
      <div class="stack">
        <SourceBar v-if="editing" v-model="unsaved.source.value" :page="page" />
        <SectionEditor
          v-if="editing"
          :key="group.id"
          :group="group"
          :fields="fields"
          :page="page"
          :unsaved="unsaved"
          :saving="edit.isPending.value"
          :errors="asProblem(edit.error.value)?.fields ?? new Map()"
          @confirm="confirm"
          @family="confirmFamily"
        />
        <ValueTable v-else :group="group" :page="page" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.leaves {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}
</style>
