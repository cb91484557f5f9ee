<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { usePress } from '@/shared/api/usePress'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BookNav from './BookNav.vue'
import ProcedurePreview from './ProcedurePreview.vue'
import { useBook } from './useBook'

/** A procedure held against any sheet: every slot with its figure, and the slots that stay empty. */
const { book } = useBook()
const { mayManage } = useSession()
const queries = useQueryClient()
const { data, error } = useQuery({ queryKey: keys.procedures, queryFn: () => answered(api.GET('/api/procedures')) })
const id = ref('')
const sheet = ref('')
watch(data, (all) => (id.value ||= all?.procedures.find((each) => each.task !== null)?.id ?? ''))
watch(
  book,
  (all) => {
    const first = all?.sheets.find((each) => each.status === 'published' && !each.family)
    sheet.value ||= first ? `${first.id}/${first.revision}` : ''
  },
  { immediate: true },
)
const at = computed(() => ({ sheet: sheet.value.split('/')[0] ?? '', revision: Number(sheet.value.split('/')[1]) }))
const preview = useQuery({
  queryKey: computed(() => keys.procedure(id.value, at.value.sheet, at.value.revision)),
  queryFn: () =>
    answered(api.GET('/api/procedures/{id}/preview', { params: { path: { id: id.value }, query: at.value } })),
  enabled: computed(() => id.value !== '' && sheet.value !== ''),
})
/** The shop has changed it, or has not taken the program's newer text yet. */
const isChanged = computed(() => data.value?.procedures.find((each) => each.id === id.value)?.origin === 'changed')
const beside = useQuery({
  queryKey: computed(() => [...keys.procedure(id.value, at.value.sheet, at.value.revision), 'program']),
  queryFn: () =>
    answered(
      api.GET('/api/procedures/{id}/preview', {
        params: { path: { id: id.value }, query: { ...at.value, ofProgram: true } },
      }),
    ),
  enabled: computed(() => isChanged.value && sheet.value !== ''),
})
const take = usePress({
  mutationFn: (which: string) =>
    answered(api.POST('/api/procedures/{id}/of-program', { params: { path: { id: which } } })),
  onSuccess: () => queries.invalidateQueries({ queryKey: keys.procedures }),
})
</script>

<template>
  <div class="stack">
    <h1>Procedures</h1>
    <BookNav />
    <ProblemNote :error="error ?? preview.error.value" />
    <div class="panel row">
      <label>
        Procedure
        <select v-model="id" class="cell">
          <option v-for="each in data?.procedures ?? []" :key="each.id" :value="each.id">
            {{ each.task ?? 'Every visit' }} ({{ each.operations }} operations){{
              { program: '', changed: ', changed here', shop: ', the shop’s own' }[each.origin]
            }}
          </option>
        </select>
      </label>
      <label>
        shown with the sheet
        <select v-model="sheet" class="cell">
          <option
            v-for="each in (book?.sheets ?? []).filter((one) => !one.family)"
            :key="`${each.id}/${each.revision}`"
            :value="`${each.id}/${each.revision}`"
          >
            {{ each.id }} rev. {{ each.revision }} ({{ each.status }})
          </option>
        </select>
      </label>
    </div>
    <ProblemNote :error="take.error.value" />
    <div v-if="isChanged" class="band row spread">
      <span
        >The program brings another text of this procedure than the shop has. Yours is used; the program’s stands beside
        it.</span
      >
      <el-button v-if="mayManage" :loading="take.isPending.value" @click="take.mutate(id)"
        >Take the program’s</el-button
      >
    </div>
    <div :class="{ two: isChanged }">
      <div>
        <h2 v-if="isChanged">The shop’s</h2>
        <ProcedurePreview v-if="preview.data.value" :preview="preview.data.value" />
      </div>
      <div v-if="isChanged">
        <h2>The program’s</h2>
        <ProcedurePreview v-if="beside.data.value" :preview="beside.data.value" />
      </div>
    </div>
  </div>
</template>
