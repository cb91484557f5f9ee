<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { useEverythingChanged } from '@/shared/api/everything'
import type { Bench } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { useSession, useShop } from '@/shared/session'
import { momentText } from '@/shared/units'
import { uuid7 } from '@/shared/uuid'
import ObstacleList, { obstaclesOf } from './ObstacleList.vue'
import type { BenchStep } from './useBench'

/** Engines of a rig are let go one by one, as each is ready; the order ends with the last and with the rig. */
const props = defineProps<{ bench: Bench; steps: BenchStep[] }>()
const everythingChanged = useEverythingChanged()
const { mayRelease, mayLead, personOf } = useSession()
const { timeZone } = useShop()
const number = computed(() => props.bench.order.number)

/** Said for the engine that was refused last. */
const explained = ref<Record<string, string>>({})
const unfit = ref('')
/** Of which a release is being taken back, and why. */
const returning = ref<string | null>(null)
const why = ref('')

const engines = computed(() =>
  props.bench.document.engines.map((engine) => ({
    ...engine,
    open: props.steps.filter(
      (each) => each.operation.position === engine.position && !each.done && each.answer === null,
    ).length,
    released: props.bench.released.find((each) => each.position === engine.position) ?? null,
  })),
)
const labelOf = (position: string): string =>
  engines.value.find((each) => each.position === position)?.label ?? position
const done = async (): Promise<void> => {
  refused.value = returning.value = null
  explained.value = {}
  unfit.value = why.value = ''
  await everythingChanged()
}
const refused = ref<string | null>(null)
const release = usePress({
  mutationFn: (position: string) =>
    answered(
      api.POST('/api/orders/{number}/engines/{position}/release', {
        params: { path: { number: number.value, position } },
        body: {
          uuid: uuid7(Date.now()),
          unfit: unfit.value.trim() === '' ? null : unfit.value.trim(),
          explained: Object.entries(explained.value)
            .filter(([, words]) => words.trim() !== '')
            .map(([deviation, words]) => ({ deviation, words })),
        },
      }),
    ),
  onMutate: (position) => {
    refused.value = position
  },
  onSuccess: done,
})
const takeBack = usePress({
  mutationFn: (position: string) =>
    answered(
      api.POST('/api/orders/{number}/engines/{position}/return', {
        params: { path: { number: number.value, position } },
        body: { uuid: uuid7(Date.now()), why: why.value.trim() },
      }),
    ),
  onSuccess: done,
})
const problem = computed(() => asProblem(release.error.value ?? takeBack.error.value))
const obstacles = computed(() => obstaclesOf(problem.value))
</script>

<template>
  <section class="stack" aria-labelledby="one-by-one">
    <h2 id="one-by-one">Engine by engine</h2>
    <table class="plain">
      <tbody>
        <tr v-for="engine in engines" :key="engine.position">
          <td>
            <strong>{{ engine.label }}</strong> {{ engine.model }} {{ engine.serial }}
          </td>
          <td v-if="engine.released">
            <strong>{{ engine.released.unfit === null ? 'Released' : 'Let go as NOT FIT TO RUN' }}</strong>,
            {{ momentText(engine.released.at, timeZone) }}, {{ personOf(engine.released.by) }}
          </td>
          <td v-else>{{ engine.open === 0 ? 'All its steps are entered' : `${engine.open} steps are open` }}</td>
          <td class="press">
            <el-button
              v-if="engine.released && mayLead && returning !== engine.position"
              @click="returning = engine.position"
            >
              Take it back …
            </el-button>
            <el-button
              v-else-if="!engine.released && mayRelease"
              :disabled="release.isPending.value"
              @click="release.mutate(engine.position)"
            >
              Release {{ engine.label }} alone
            </el-button>
          </td>
        </tr>
      </tbody>
    </table>
    <form v-if="returning !== null" class="row" @submit.prevent="takeBack.mutate(returning)">
      <label
        >Why is {{ labelOf(returning) }} not to go yet?
        <el-input v-model="why" :maxlength="300" />
      </label>
      <el-button native-type="submit" :disabled="why.trim() === '' || takeBack.isPending.value">
        Take the release back
      </el-button>
    </form>
    <div v-if="problem && !release.isPending.value" class="band stop" role="alert">
      <strong>{{ problem.message }}</strong>
      <ObstacleList v-model:explained="explained" :number="number" :obstacles="obstacles" />
      <label
        v-if="mayLead && refused !== null && obstacles.some((each) => each.position !== null || each.stepId !== null)"
        >It can’t be made whole and leaves as <strong>not fit to run</strong>, tagged, because
        <el-input v-model="unfit" :maxlength="500" />
      </label>
    </div>
  </section>
</template>

<style scoped>
.press {
  text-align: right;
}

form label {
  min-width: 420px;
}
</style>
