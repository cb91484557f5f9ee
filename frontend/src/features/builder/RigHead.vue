<script setup lang="ts">
import { computed } from 'vue'
import Transom from '@/drawing/Transom.vue'
import type { Engine, OrderView, WorkSketch } from '@/shared/api/types'
import { degreesText } from '@/shared/units'
import { placeWords } from '@/shared/words'

const props = defineProps<{ view: OrderView; work: WorkSketch | null; fixed: boolean }>()
const hung = computed(() =>
  props.view.engines.map((engine) => ({ ...engine, refused: engine.identification.refusal !== null })),
)

function arrival(engine: Engine) {
  return props.work?.engines.find((each) => each.position === engine.position)?.arrival ?? null
}
/** What the owner should hear of: too high, or too low. */
function isFinding(engine: Engine): boolean {
  return ['investigate', 'low'].includes(arrival(engine)?.advice?.advice ?? '')
}
/** The sheet that the order was issued with, or as long as it is a draft the one that it would be. */
function sheet(engine: Engine) {
  return props.work?.engines.find((each) => each.position === engine.position)?.sheet ?? engine.identification.sheet
}
const visit = computed(() => {
  const { draft, boat } = props.view
  const use = `${boat.use.water} water, ${boat.use.kept}`
  return props.fixed
    ? `${use} · air ${degreesText(draft.coldestC)} to ${degreesText(draft.warmestC)} · ${placeWords[draft.place]}`
    : use
})
</script>

<template>
  <header class="head">
    <Transom :engines="hung" :width="hung.length > 2 ? 170 : 190" />
    <div class="words">
      <h1>{{ view.boat.name }} · {{ view.boat.kind }}</h1>
      <p class="muted">{{ view.boat.customer }} · {{ visit }}</p>
      <slot />
      <p v-if="view.draft.complaint" class="small"><strong>Complaint:</strong> {{ view.draft.complaint }}</p>
      <div class="engines" :class="{ many: view.engines.length > 3 }">
        <div v-for="engine in view.engines" :key="engine.id" class="engine">
          <strong>{{ engine.label }} · {{ engine.model }}</strong> {{ engine.serial }}<br />
          <span class="small">
            {{ engine.hours === null ? 'no meter' : `${engine.hours} h` }}
            <span v-if="arrival(engine)" :class="{ alarm: isFinding(engine) }" :title="arrival(engine)?.advice?.reason">
              · oil at arrival {{ arrival(engine)?.reading
              }}{{ arrival(engine)?.advice?.advice === 'wait' ? ', not settled' : '' }}
            </span>
            <span v-if="sheet(engine)" class="muted">
              · {{ sheet(engine)?.id }} rev. {{ sheet(engine)?.revision }}</span
            >
          </span>
        </div>
      </div>
    </div>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  gap: 16px;
  align-items: center;
}

.words {
  min-width: 0;
}

.engines {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin-top: 5px;
}

.engines.many {
  display: grid;
  grid-template-columns: repeat(3, auto);
  gap: 4px 14px;
  font-size: 13px;
}

.engine {
  border-left: 3px solid var(--green);
  padding-left: 9px;
}

.alarm {
  color: var(--red);
  font-weight: 700;
}
</style>
