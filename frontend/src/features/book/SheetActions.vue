<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { SheetPage } from '@/shared/api/types'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import PublishDialog from './PublishDialog.vue'
import type { useSheet } from './useSheet'

/** Where this revision can go from here, and what stands in the way. */
const props = defineProps<{ page: SheetPage; actions: ReturnType<typeof useSheet>; unsaved: number }>()
const router = useRouter()
const { mayManage, account } = useSession()
const publishing = ref(false)
const reason = ref('')
const asking = ref(false)

const own = computed(() => props.page.author === account.value?.name)
const unsourced = computed(() => props.page.values.filter((value) => value.standing === 'unsourced').length)
const newest = computed(() => props.page.revisions[0]?.revision === props.page.revision)
const problem = computed(
  () =>
    props.actions.move.error.value ??
    props.actions.takeSchedule.error.value ??
    props.actions.startRevision.error.value ??
    props.actions.throwAway.error.value,
)

function takeSchedule(event: Event): void {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (file) {
    props.actions.takeSchedule.mutate(file)
  }
  input.value = ''
}

async function startRevision(): Promise<void> {
  const draft = await props.actions.startRevision.mutateAsync()
  await router.push(`/book/sheets/${draft.id}/${draft.revision}`)
}
async function throwAway(): Promise<void> {
  await props.actions.throwAway.mutateAsync()
  await router.push('/book')
}
function withdraw(): void {
  props.actions.move.mutate({ to: 'withdrawn', reason: reason.value }, { onSuccess: () => (asking.value = false) })
}
</script>

<template>
  <div v-if="mayManage" class="panel row bar">
    <template v-if="page.status === 'draft'">
      <span v-if="unsaved > 0">{{ unsaved }} typed and not confirmed yet.</span>
      <span v-else-if="unsourced > 0"
        ><strong>{{ unsourced }} without a source</strong>: look each up and give its page, or take it out.</span
      >
      <span v-else-if="own">Yours: somebody else has to review it.</span>
      <span v-else>Hold it against the manual, then say that it was reviewed.</span>
      <el-button
        type="primary"
        :disabled="own || unsourced > 0 || unsaved > 0"
        :loading="actions.move.isPending.value"
        @click="actions.move.mutate({ to: 'reviewed', reason: '' })"
        >Reviewed by me</el-button
      >
      <el-popconfirm
        title="Throw this draft away?"
        confirm-button-text="Throw away"
        cancel-button-text="Keep"
        @confirm="throwAway"
      >
        <template #reference
          ><el-button :loading="actions.throwAway.isPending.value">Throw the draft away</el-button></template
        >
      </el-popconfirm>
      <label class="mini-file">
        {{ actions.takeSchedule.isPending.value ? 'Taking the schedule in …' : 'Schedule from a CSV' }}
        <input
          type="file"
          accept=".csv,text/csv"
          :disabled="actions.takeSchedule.isPending.value"
          @change="takeSchedule"
        />
      </label>
    </template>
    <template v-else-if="page.status === 'reviewed'">
      <span>Reviewed by {{ page.reviewer }}.</span>
      <el-button type="primary" :loading="actions.move.isPending.value" @click="publishing = true">Publish…</el-button>
      <el-button :loading="actions.move.isPending.value" @click="actions.move.mutate({ to: 'draft', reason: '' })"
        >Back to a draft</el-button
      >
    </template>
    <template v-else>
      <span v-if="page.status === 'published'">A published revision never changes.</span>
      <span v-else>Withdrawn: its figures are not used.</span>
      <el-button v-if="newest" type="primary" :loading="actions.startRevision.isPending.value" @click="startRevision"
        >Start a new revision</el-button
      >
      <RouterLink v-if="!page.family" :to="{ path: '/book/new', query: { copy: page.id, revision: page.revision } }"
        >Copy as a start</RouterLink
      >
      <template v-if="page.status === 'published'">
        <el-button v-if="!asking" @click="asking = true">Withdraw…</el-button>
        <form v-else class="row" @submit.prevent="withdraw">
          <input v-model="reason" class="cell" aria-label="Why it is withdrawn" placeholder="why it is withdrawn" />
          <el-button
            native-type="submit"
            type="danger"
            :loading="actions.move.isPending.value"
            :disabled="reason.trim() === ''"
            >Withdraw</el-button
          >
        </form>
      </template>
    </template>
    <PublishDialog
      v-if="publishing"
      :page="page"
      @close="publishing = false"
      @publish="actions.move.mutate({ to: 'published', reason: '' })"
    />
  </div>
  <ProblemNote :error="problem" unshown />
</template>

<style scoped>
.bar {
  padding: 8px 16px;
}

.mini-file {
  margin-left: auto;
}

.mini-file input {
  max-width: 210px;
}
</style>
