<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import Transom from '@/drawing/Transom.vue'
import { asProblem, Told } from '@/shared/api/client'
import type { Draft } from '@/shared/api/types'
import { plainCopy } from '@/shared/copy'
import { firstFlaw, focusFirstBad } from '@/shared/keyboard'
import { useKept } from '@/shared/kept'
import { useSession } from '@/shared/session'
import AirField from '@/shared/ui/AirField.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { decimalInput, hoursInput } from '@/shared/units'
import { dotted, placeWords } from '@/shared/words'
import OpenOrders from './OpenOrders.vue'
import EngineIntake from './EngineIntake.vue'
import { movesSince, ontoRig } from './keptDraft'
import { useCheckIn } from './useCheckIn'

const route = useRoute()
const router = useRouter()
const { account } = useSession()
const boatId = Number(route.params['id'])
const { form, formError, isPending, takeIn } = useCheckIn(boatId)
const { kept: draft, forget } = useKept<Draft>(`check-in.${account.value?.username ?? ''}.${boatId}`)
const beside = ref(false)
const wasKept = ref(draft.value !== null)
/** What hangs otherwise than when the form was kept. */
const moved = ref<string[]>([])

/** Air that nobody has entered is left empty. */
function begun({ draft: filled, airKnown }: { draft: Draft; airKnown: boolean }): Draft {
  const copy = plainCopy(filled)
  return airKnown ? copy : { ...copy, coldestC: Number.NaN, warmestC: Number.NaN }
}

watch(
  form,
  (filled) => {
    if (filled) {
      moved.value = draft.value === null ? [] : movesSince(draft.value, filled)
      draft.value = draft.value === null ? begun(filled) : ontoRig(draft.value, filled.draft)
    }
  },
  { immediate: true },
)

const flaw = ref<Told | null>(null)
const problem = computed(() => asProblem(takeIn.error.value))
const page = useTemplateRef<HTMLFormElement>('page')
watch(page, async (shown) => {
  await nextTick()
  shown?.querySelector<HTMLElement>('.hours input:not(:disabled), .hours ~ * input')?.focus()
})
const field = (pointer: string): string | undefined => problem.value?.fields.get(pointer)

function startAgain(): void {
  forget()
  wasKept.value = false
  moved.value = []
  draft.value = form.value ? begun(form.value) : null
}

async function send(): Promise<void> {
  const wrong = firstFlaw()
  flaw.value = wrong === null ? null : new Told(wrong)
  if (draft.value === null || wrong !== null) {
    return
  }
  const engines = draft.value.engines.map((engine) => ({
    ...engine,
    serial: engine.serial.trim(),
    hours: engine.hours === null ? null : hoursInput(engine.hours),
    reading: engine.reading === null || engine.reading.trim() === '' ? null : decimalInput(engine.reading),
  }))
  const file = await takeIn.mutateAsync({ draft: { ...draft.value, engines }, beside: beside.value }).catch(() => null)
  if (file === null) {
    await focusFirstBad()
    return
  }
  forget()
  await router.push(`/orders/${file.number}`)
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="8" />
  <ProblemNote v-else-if="formError && !form" :error="formError" />
  <form v-else-if="form && draft" ref="page" class="check-in" novalidate @submit.prevent="send">
    <header class="head">
      <Transom :engines="form.engines" :width="190" />
      <div>
        <h1>Check in {{ form.boat.name }}</h1>
        <p class="muted">
          {{ dotted(form.boat.kind, form.boat.registration, form.boat.customer) }} · {{ form.boat.use.water }} water,
          {{ form.boat.use.kept }}{{ form.boat.use.commercial ? ', commercial' : '' }}
        </p>
        <p v-if="wasKept" class="band small">
          What you entered before is still here.
          <button type="button" class="link" @click="startAgain">Start again</button>
        </p>
        <p v-for="each in moved" :key="each" class="band stop small">{{ each }}</p>
      </div>
    </header>

    <OpenOrders v-if="form.open.length > 0" v-model:beside="beside" :orders="form.open" />
    <div v-show="beside || form.open.length === 0" class="engines" :class="`n${draft.engines.length}`">
      <EngineIntake
        v-for="(engine, index) in draft.engines"
        :key="engine.engineId"
        v-model="draft.engines[index]!"
        :known="form.engines.find((known) => known.id === engine.engineId)!"
        :models="form.models"
        :field-error="(name) => field(`/engines/${index}/${name}`)"
      />
    </div>

    <section v-show="beside || form.open.length === 0" class="panel visit">
      <fieldset>
        <legend>Where the job is done</legend>
        <el-radio-group
          :model-value="draft.place"
          @update:model-value="(place) => (draft!.place = place as Draft['place'])"
        >
          <el-radio-button v-for="place in form.places" :key="place" :value="place">{{
            placeWords[place]
          }}</el-radio-button>
        </el-radio-group>
        <p v-if="draft.place === 'afloat'" class="small muted">Afloat allows extraction only.</p>
      </fieldset>
      <fieldset>
        <legend>Air until the next service</legend>
        <div class="row">
          <label>coldest <AirField v-model="draft.coldestC" label="coldest" /></label>
          <label>warmest <AirField v-model="draft.warmestC" label="warmest" /></label>
        </div>
        <p v-if="form.airKnown" class="small muted">
          Filled in from the shop’s seasons and the months in which this boat is used.
        </p>
        <p v-else class="small">
          The shop’s season is not entered. <RouterLink to="/shop/hours">Enter it once</RouterLink>, or the air here.
        </p>
        <FieldNote :text="field('/warmestC') ?? field('/coldestC')" />
      </fieldset>
      <label class="complaint">
        What the customer complains of
        <el-input v-model="draft.complaint" type="textarea" :rows="2" :maxlength="1000" placeholder="nothing" />
      </label>
    </section>

    <ProblemNote :error="flaw ?? takeIn.error.value" unshown />
    <div v-if="beside || form.open.length === 0" class="row">
      <el-button type="primary" size="large" native-type="submit" :loading="takeIn.isPending.value">
        Check in and choose the tasks
      </el-button>
      <span class="muted small"
        >Readings go to the engine’s record. An engine without a sheet goes to the manager.</span
      >
    </div>
  </form>
</template>

<style scoped>
.check-in {
  display: flex;
  flex-direction: column;
  gap: 12px;
  max-width: 1160px;
}

.head {
  display: flex;
  gap: 18px;
  align-items: center;
}

.engines {
  display: grid;
  gap: 12px;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
}

/* two by two, none alone in a row of its own */
.engines.n4 {
  grid-template-columns: 1fr 1fr;
}

.engines.n1 {
  grid-template-columns: minmax(320px, 560px);
}

.visit {
  display: grid;
  grid-template-columns: auto auto 1fr;
  gap: 24px;
}

legend,
.complaint {
  font-weight: 600;
}

legend {
  margin-bottom: 4px;
}

.link {
  font: inherit;
  border: 0;
  background: none;
  color: var(--green);
  text-decoration: underline;
  cursor: pointer;
}
</style>
