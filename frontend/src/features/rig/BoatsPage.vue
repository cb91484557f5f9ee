<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { components } from '@/shared/api/schema'
import { useRemembered } from '@/shared/remembered'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import BoatName from './BoatName.vue'
import RigNav from './RigNav.vue'

const { mayWrite } = useSession()
/** The boats after which each page that was turned to begins; several may have one name. */
const turned = useRemembered('turned', [{ after: '', afterId: 0 }])
const from = computed(() => turned.value.at(-1) ?? { after: '', afterId: 0 })
const { data, error, isPending } = useQuery({
  queryKey: computed(() => keys.boats(from.value)),
  queryFn: ({ signal }) => answered(api.GET('/api/boats', { params: { query: from.value }, signal })),
  placeholderData: (before) => before,
})

function turnTo(last: components['schemas']['BoatHit'] | undefined): void {
  turned.value.push({ after: last?.name ?? '', afterId: last?.boatId ?? 0 })
}
</script>

<template>
  <div class="stack">
    <RigNav :may-write="mayWrite" />
    <el-skeleton v-if="isPending" :rows="6" />
    <ProblemNote v-else-if="error && !data" :error="error" />
    <section v-else-if="data" class="panel stack">
      <div class="row spread">
        <h1>Boats by name</h1>
        <span class="row">
          <span class="muted small"><kbd>/</kbd> finds any boat, owner or serial number</span>
          <RouterLink v-if="mayWrite" to="/boats/new" class="go">New boat</RouterLink>
        </span>
      </div>
      <table class="plain">
        <thead>
          <tr>
            <th>Boat</th>
            <th>Owner</th>
            <th>Registration</th>
            <th>Engines</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="boat in data.boats" :key="boat.boatId">
            <td>
              <BoatName :boat="boat" />
              <RouterLink v-if="boat.openOrder" :to="`/orders/${boat.openOrder}`" class="small"
                >in, order {{ boat.openOrder }}</RouterLink
              >
            </td>
            <td>{{ boat.customer }}</td>
            <td class="nowrap">{{ boat.registration }}</td>
            <td>{{ boat.engines.join(', ') || 'none' }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="data.more || turned.length > 1" class="row">
        <button v-if="turned.length > 1" type="button" class="mini" @click="turned.pop()">Earlier ones</button>
        <button v-if="data.more" type="button" class="mini" @click="turnTo(data.boats.at(-1))">More</button>
      </p>
    </section>
  </div>
</template>

<style scoped>
.nowrap {
  white-space: nowrap;
}
</style>
