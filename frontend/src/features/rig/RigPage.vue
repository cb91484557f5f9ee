<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import Transom from '@/drawing/Transom.vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import { statusWords } from '@/shared/words'
import EngineCard from './EngineCard.vue'

const route = useRoute()
const id = computed(() => Number(route.params['id']))
const { mayWrite } = useSession()
const { timeZone } = useShop()
const {
  data: boat,
  error,
  isPending,
} = useQuery({
  queryKey: computed(() => keys.boat(id.value)),
  queryFn: ({ signal }) => answered(api.GET('/api/boats/{id}', { params: { path: { id: id.value } }, signal })),
})
const hung = computed(() =>
  (boat.value?.engines ?? []).map((engine) => ({ ...engine, refused: engine.identification.refusal !== null })),
)
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error" :error="error" />
  <div v-else-if="boat" class="stack">
    <header class="row spread">
      <div class="row">
        <Transom :engines="hung" />
        <div>
          <h1>{{ boat.name }} · {{ boat.kind }}</h1>
          <p class="muted">
            {{ boat.registration }} · {{ boat.customer }} · {{ boat.use.water }} water, {{ boat.use.kept
            }}{{ boat.use.commercial ? ', commercial' : '' }}
          </p>
        </div>
      </div>
      <RouterLink v-if="mayWrite" :to="`/boats/${boat.id}/check-in`" class="check-in">Check in</RouterLink>
    </header>
    <div class="engines">
      <EngineCard v-for="engine in boat.engines" :key="engine.id" :engine="engine" />
    </div>
    <section class="panel">
      <h2>Orders</h2>
      <p v-if="boat.orders.length === 0" class="muted">None yet.</p>
      <table v-else class="plain">
        <tbody>
          <tr v-for="order in boat.orders" :key="order.number">
            <td>
              <RouterLink :to="`/orders/${order.number}`">Order {{ order.number }}</RouterLink>
            </td>
            <td>{{ statusWords[order.status] }}</td>
            <td class="muted">{{ momentText(order.openedAt, timeZone) }}, {{ order.openedBy }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.engines {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: 12px;
}

.check-in {
  padding: 9px 20px;
  background: var(--green);
  color: #fff;
  border-radius: 3px;
  text-decoration: none;
  font-weight: 700;
}
</style>
