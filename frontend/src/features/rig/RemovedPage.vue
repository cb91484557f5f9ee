<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useRouter } from 'vue-router'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { components } from '@/shared/api/schema'
import { useEverythingChanged } from '@/shared/api/everything'
import { usePress } from '@/shared/api/usePress'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import { statusWords } from '@/shared/words'
import BringBackButton from './BringBackButton.vue'
import RigNav from './RigNav.vue'

/** What was removed from the register, and orders that were not carried out; each can be brought back. */
type Thing = components['schemas']['RemovedThing']
const router = useRouter()
const everythingChanged = useEverythingChanged()
const { mayWrite, personOf } = useSession()
const { timeZone } = useShop()
const { data, error, isPending } = useQuery({
  queryKey: keys.removed,
  queryFn: ({ signal }) => answered(api.GET('/api/removed', { signal })),
  staleTime: 0,
})
const pages = { boat: '/boats', customer: '/customers', engine: '/engines' } as const
async function back(to: string): Promise<void> {
  await everythingChanged()
  await router.push(to)
}
const bringBack = usePress({
  mutationFn: ({ id }: Thing) => answered(api.POST('/api/removed/{id}/bringing-back', { params: { path: { id } } })),
  onSuccess: ({ kind, ref }) => back(kind === 'engine' ? pages.engine : `${pages[kind]}/${ref}`),
})
const reopen = usePress({
  mutationFn: (number: number) =>
    answered(api.POST('/api/orders/{number}/reopening', { params: { path: { number } } })),
  onSuccess: ({ number }) => back(`/orders/${number}`),
})
</script>

<template>
  <div class="stack">
    <RigNav :may-write="mayWrite" />
    <el-skeleton v-if="isPending" :rows="4" />
    <ProblemNote v-else-if="!data" :error="error" />
    <template v-else>
      <section class="panel stack">
        <h1>Removed from the register</h1>
        <ProblemNote :error="bringBack.error.value" />
        <p v-if="data.things.length === 0" class="muted">Nothing was removed.</p>
        <table v-else class="plain">
          <tbody>
            <tr v-for="thing in data.things" :key="thing.id">
              <td>{{ thing.kind }}</td>
              <td>
                <strong>{{ thing.name }}</strong>
              </td>
              <td class="muted">{{ personOf(thing.by) }}, {{ momentText(thing.at, timeZone) }}</td>
              <td class="number">
                <BringBackButton
                  :name="thing.name"
                  :working="bringBack.isPending.value && bringBack.variables.value?.id === thing.id"
                  @press="bringBack.mutate(thing)"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <section class="panel stack">
        <h2>Orders that were not carried out</h2>
        <ProblemNote :error="reopen.error.value" />
        <p v-if="data.orders.length === 0" class="muted">None.</p>
        <table v-else class="plain">
          <tbody>
            <tr v-for="order in data.orders" :key="order.number">
              <td>
                <RouterLink :to="`/orders/${order.number}`">Order {{ order.number }}</RouterLink> · {{ order.boat }}
              </td>
              <td>{{ statusWords[order.status] }}</td>
              <td class="muted">{{ personOf(order.by) }}, {{ momentText(order.at, timeZone) }}: {{ order.why }}</td>
              <td class="number">
                <BringBackButton
                  :name="`order ${order.number}`"
                  :working="reopen.isPending.value && reopen.variables.value === order.number"
                  @press="reopen.mutate(order.number)"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </template>
  </div>
</template>
