<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { SheetPage } from '@/shared/api/types'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { minutesText } from '@/shared/units'
import RangeReport from './RangeReport.vue'

/** What publishing would do, before it is done: ranges that meet or miss, holes, open orders that froze older values. */
const props = defineProps<{ page: SheetPage }>()
const emit = defineEmits<{ close: []; publish: [] }>()
const { data, error, isPending } = useQuery({
  queryKey: computed(() => keys.publication(props.page.id, props.page.revision)),
  queryFn: () =>
    answered(
      api.GET('/api/book/sheets/{id}/{revision}/publication', {
        params: { path: { id: props.page.id, revision: props.page.revision } },
      }),
    ),
  staleTime: 0,
  gcTime: 0,
})
const unsound = computed(() =>
  (data.value?.tried ?? []).filter((each) => each.parked.length > 0 || each.contradicts !== null),
)
const together = computed(() => data.value?.tried[0] ?? null)
function publish(): void {
  emit('publish')
  emit('close')
}
</script>

<template>
  <el-dialog :model-value="true" :title="`Publish ${page.id} rev. ${page.revision}`" width="760" @close="emit('close')">
    <el-skeleton v-if="isPending" :rows="3" />
    <ProblemNote v-else-if="error && !data" :error="error" />
    <div v-else-if="data" class="stack">
      <p v-if="page.holes.length > 0" class="band">
        <strong>{{ page.holes.length }} {{ page.holes.length === 1 ? 'hole' : 'holes' }}:</strong>
        {{ page.holes.map((hole) => hole.label).join(', ') }}. Their tasks stay parked.
      </p>
      <p v-if="data.orders.length > 0" class="band stop">
        <strong
          >{{ data.orders.length }} open {{ data.orders.length === 1 ? 'order rests' : 'orders rest' }} on values that
          change:</strong
        >
        {{ [...new Set(data.orders.map((flag) => flag.order))].join(', ') }}. You decide on each afterwards.
      </p>
      <p v-else class="muted">No open order rests on a value that changes.</p>
      <p v-if="together && unsound.length === 0" class="muted">
        Its orders were built and replayed: {{ data.tried.length - 1 }} tasks alone, and all together in
        {{ together.operations }} operations and {{ minutesText(together.handsOnMin) }} of hands-on time. None is
        parked.
      </p>
      <div v-else-if="unsound.length > 0" class="band">
        <strong>Its orders were built and replayed. Not all of it can be done:</strong>
        <ul class="tried">
          <li v-for="each in unsound" :key="each.title">
            <strong>{{ each.title }}</strong> {{ each.contradicts ?? each.parked.join(' ') }}
          </li>
        </ul>
      </div>
      <p v-for="doubt in page.doubts" :key="doubt" class="band">{{ doubt }}</p>
      <RangeReport :ranges="data.ranges" />
    </div>
    <template #footer>
      <el-button @click="emit('close')">Not yet</el-button>
      <el-button type="primary" :disabled="!data" @click="publish">Publish</el-button>
    </template>
  </el-dialog>
</template>

<style scoped>
.tried {
  margin: 4px 0 0;
  padding-left: 20px;
}
</style>
