<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answered, api, asProblem } from '@/shared/api/client'
import { useEverythingChanged } from '@/shared/api/everything'
import { usePress } from '@/shared/api/usePress'
import type { NewEntry } from '@/shared/api/types'
import { useKept } from '@/shared/kept'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { litresText } from '@/shared/units'
import EngineReleases from './EngineReleases.vue'
import FindingList from './FindingList.vue'
import GoesBack from './GoesBack.vue'
import ObstacleList, { obstaclesOf } from './ObstacleList.vue'
import OilLeftEntry from './OilLeftEntry.vue'
import type { OilLeft } from './oilLeft'
import { useBench } from './useBench'
import type { Waste } from './waste'
import WasteEntry from './WasteEntry.vue'

/** The last look: what is open, what went in, and letting the engines go. */
const route = useRoute()
const router = useRouter()
const everythingChanged = useEverythingChanged()
const number = Number(route.params['number'])
const { bench, steps, error, isPending, sender, enter } = useBench(number)
const { account, mayRelease, mayLead, mayWorkAtBench } = useSession()
/** Outlives a reload. */
const { kept: remark, forget } = useKept<string>(`release-${number}`)
const left = ref<OilLeft[]>([])
const waste = ref<Waste[]>([])
/** Words for what was not as the order expects, by the deviation; and why an engine leaves as not fit to run. */
const explained = ref<Record<string, string>>({})
const unfit = ref<Record<string, string>>({})
const said = (words: Record<string, string>): [string, string][] =>
  Object.entries(words).filter(([, text]) => text.trim() !== '')
const open = computed(() => steps.value.filter((each) => !each.done && each.answer === null))
const release = usePress({
  mutationFn: () =>
    answered(
      api.POST('/api/orders/{number}/release', {
        params: { path: { number: number } },
        body: {
          version: bench.value?.order.version ?? '',
          remark: remark.value ?? '',
          oil: left.value,
          waste: waste.value,
          explained: said(explained.value).map(([deviation, words]) => ({ deviation, words })),
          unfit: said(unfit.value).map(([position, why]) => ({ position, why })),
        },
      }),
    ),
  onSuccess: async () => {
    forget()
    await everythingChanged()
    await router.push(`/orders/${number}/record`)
  },
})
const refused = ref<unknown>(null)
async function tell(entry: NewEntry): Promise<void> {
  refused.value = null
  await enter([entry]).catch((problem: unknown) => (refused.value = problem))
}
const obstacles = computed(() => obstaclesOf(asProblem(release.error.value)))
/** Engines that are not whole: a lead may let them go as not fit to run. */
const notWhole = computed(() => [
  ...new Set([...obstacles.value.flatMap((each) => each.position ?? []), ...Object.keys(unfit.value)]),
])
function engine(position: string) {
  return bench.value?.document.engines.find((each) => each.position === position) ?? null
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error && !bench" :error="error" />
  <section v-else-if="bench" class="stack release">
    <h1>Release order {{ number }}</h1>
    <p v-if="open.length > 0" class="band row spread">
      <span
        ><strong>{{ open.length }} steps are not entered yet.</strong> The first: {{ open[0]?.operation.label }},
        {{ open[0]?.operation.title.toLowerCase() }}.</span
      >
      <RouterLink :to="`/orders/${number}/bench`">To the bench</RouterLink>
    </p>
    <table v-if="bench.oil.length > 0" class="plain">
      <thead>
        <tr>
          <th>Engine</th>
          <th>Oil that went in</th>
          <th>Capacity</th>
          <th>Last reading</th>
          <th>Says</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="oil in bench.oil" :key="oil.position">
          <td>
            <strong>{{ engine(oil.position)?.label }}</strong> {{ engine(oil.position)?.model }}
            {{ engine(oil.position)?.serial }}
          </td>
          <td>{{ litresText(oil.inEngineMl) }}</td>
          <td>{{ engine(oil.position)?.oil?.capacity.text }}</td>
          <td>{{ oil.reading ?? '–' }}</td>
          <td>{{ oil.advice?.reason ?? 'no settled reading yet' }}</td>
        </tr>
      </tbody>
    </table>
    <EngineReleases v-if="bench.document.engines.length > 1" :bench="bench" :steps="steps" />
    <section v-if="bench.findings.length > 0" aria-labelledby="found">
      <h2 id="found">Found</h2>
      <FindingList
        :findings="bench.findings"
        :sending="sender.queue.length > 0"
        :may-work="mayWorkAtBench"
        @tell="tell"
      />
    </section>
    <GoesBack
      v-if="open.length === 0"
      :bench="bench"
      :sending="sender.queue.length > 0"
      :may-work="mayWorkAtBench"
      @tell="tell"
    />
    <ProblemNote :error="refused" />
    <OilLeftEntry v-model="left" :pools="bench.pools" />
    <WasteEntry
      v-model="waste"
      :expected="bench.waste"
      :problems="asProblem(release.error.value)?.fields ?? new Map()"
    />
    <label class="remark">
      Remark for the record
      <el-input
        :model-value="remark ?? ''"
        @update:model-value="(text) => (remark = text)"
        type="textarea"
        :rows="2"
        :maxlength="1000"
      />
    </label>
    <div v-if="release.error.value" class="band stop" role="alert">
      <strong>{{ asProblem(release.error.value)?.message ?? 'Something broke.' }}</strong>
      <ObstacleList v-model:explained="explained" :number="number" :obstacles="obstacles" />
    </div>
    <fieldset v-for="position in mayLead ? notWhole : []" :key="position" class="unfit">
      <legend>{{ engine(position)?.label }} can’t be made whole now?</legend>
      <label
        >It leaves as <strong>not fit to run</strong>, tagged, because
        <el-input v-model="unfit[position]" :maxlength="500" />
      </label>
    </fieldset>
    <p v-if="notWhole.length > 0 && !mayLead" class="band">
      An engine that can’t be made whole leaves as not fit to run: a lead or a manager lets it go.
    </p>
    <div class="row">
      <span v-if="mayRelease" class="muted">
        <strong>{{ account?.name }}</strong> signs for this record by releasing.
      </span>
      <button
        v-if="mayRelease"
        type="button"
        class="big main"
        :disabled="release.isPending.value || sender.queue.length > 0"
        @click="release.mutate()"
      >
        {{ release.isPending.value ? 'Releasing …' : 'Release the engines' }}
      </button>
      <span v-else class="muted">A technician or the manager releases.</span>
    </div>
  </section>
</template>

<style scoped>
.release {
  max-width: 960px;
}

.remark {
  font-weight: 600;
}

.unfit {
  border: 1px solid var(--red);
  border-radius: 3px;
  padding: 8px 12px 12px;
}
</style>
