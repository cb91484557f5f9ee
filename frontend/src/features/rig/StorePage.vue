<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { EngineIdentity } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayText } from '@/shared/units'
import EngineForm from './EngineForm.vue'
import FittingForm from './FittingForm.vue'
import RigNav from './RigNav.vue'
import { useRegisterChanged } from './useRig'

/** Engines that hang on no boat: taken off, traded in, or not yet sold. Their records wait with them. */
const { mayWrite } = useSession()
const changed = useRegisterChanged()
const { data, error, isPending } = useQuery({
  queryKey: keys.store,
  queryFn: () => answered(api.GET('/api/engines')),
  staleTime: 0,
})
const moving = ref<EngineIdentity | null>(null)
const adding = ref(false)
const remove = usePress({
  mutationFn: (id: number) => answered(api.DELETE('/api/engines/{id}', { params: { path: { id } } })),
  onSuccess: changed,
})
async function done(): Promise<void> {
  moving.value = null
  adding.value = false
  await changed()
}
</script>

<template>
  <div class="stack">
    <RigNav :may-write="mayWrite" />
    <el-skeleton v-if="isPending" :rows="4" />
    <ProblemNote v-else-if="error && !data" :error="error" />
    <section v-else-if="data" class="panel stack">
      <div class="row spread">
        <h1>Engines in store</h1>
        <el-button v-if="mayWrite" @click="adding = true">New engine</el-button>
      </div>
      <ProblemNote :error="remove.error.value" />
      <p v-if="remove.isSuccess.value" class="band fine" role="status">
        Removed. <RouterLink to="/removed">Bring it back</RouterLink>
      </p>
      <p v-if="data.engines.length === 0" class="muted">Every engine hangs on a boat.</p>
      <table v-else class="plain">
        <thead>
          <tr>
            <th>Engine</th>
            <th>In service since</th>
            <th>Warranty until</th>
            <th><span class="visually-hidden">Next</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="engine in data.engines" :key="engine.id">
            <td>
              <RouterLink :to="`/engines/${engine.id}/log`"
                ><strong>{{ engine.model }} {{ engine.serial }}</strong></RouterLink
              >
            </td>
            <td>{{ dayText(engine.inService) }}</td>
            <td>{{ engine.warrantyUntil ? dayText(engine.warrantyUntil) : '' }}</td>
            <td class="number">
              <span v-if="mayWrite" class="row acts">
                <button type="button" class="mini" @click="moving = engine">Hang it on a boat</button>
                <button type="button" class="mini" :disabled="remove.isPending.value" @click="remove.mutate(engine.id)">
                  {{ remove.isPending.value && remove.variables.value === engine.id ? 'Removing …' : 'Remove' }}
                </button>
              </span>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <FittingForm
      v-if="moving"
      :engine="moving"
      :boat-id="null"
      :boat-name="null"
      @close="moving = null"
      @moved="done"
    />
    <EngineForm v-else-if="adding" :engine="null" :boat="null" @close="adding = false" @kept="done" />
  </div>
</template>

<style scoped>
.acts {
  justify-content: end;
}
</style>
