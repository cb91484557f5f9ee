<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import { refusalWords } from '@/shared/words'
import SheetList from './SheetList.vue'

const queries = useQueryClient()
const { mayManage } = useSession()
const { timeZone } = useShop()
const {
  data: book,
  error,
  isPending,
} = useQuery({ queryKey: keys.book, queryFn: () => answered(api.GET('/api/book')) })
const settle = useMutation({
  mutationFn: (id: number) => answered(api.POST('/api/refusals/{id}/settlement', { params: { path: { id } } })),
  onSuccess: () => queries.invalidateQueries({ queryKey: keys.book }),
})
const reason = (code: string): string => refusalWords[code as keyof typeof refusalWords]
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error" :error="error" />
  <div v-else-if="book" class="stack">
    <h1>Spec book</h1>
    <section class="panel">
      <h2>
        Refused engines waiting <span class="muted">{{ book.refusals.length }}</span>
      </h2>
      <p v-if="book.refusals.length === 0" class="muted">None. An engine that is refused at check-in appears here.</p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th>Engine</th>
            <th>Boat</th>
            <th>Why</th>
            <th>Since</th>
            <th><span class="visually-hidden">Settle</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="refusal in book.refusals" :key="refusal.id">
            <td>
              <strong>{{ refusal.model }}</strong> {{ refusal.serial }}
            </td>
            <td>
              <RouterLink :to="`/boats/${refusal.boatId}`">{{ refusal.boat }}</RouterLink>
            </td>
            <td>
              <strong>{{ reason(refusal.reason) }}.</strong> {{ refusal.message }}
            </td>
            <td class="small">{{ momentText(refusal.at, timeZone) }}, {{ refusal.by }}</td>
            <td><el-button v-if="mayManage" size="small" @click="settle.mutate(refusal.id)">Settled</el-button></td>
          </tr>
        </tbody>
      </table>
      <ProblemNote :error="settle.error.value" />
    </section>
    <section class="panel">
      <h2>
        Holes in published sheets <span class="muted">{{ book.holes.length }}</span>
      </h2>
      <p v-if="book.holes.length === 0" class="muted">None: every scheduled task finds its values.</p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th>Sheet</th>
            <th>Missing</th>
            <th>Blocks</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="hole in book.holes" :key="`${hole.sheet}${hole.path}`">
            <td>
              {{ hole.sheet }} <span class="muted">({{ hole.models.join(', ') }})</span>
            </td>
            <td>
              <strong>{{ hole.label }}</strong>
            </td>
            <td>{{ hole.blocks.join(', ') }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <SheetList :sheets="book.sheets" />
  </div>
</template>
