<script setup lang="ts">
import { computed } from 'vue'
import type { BenchStep } from './useBench'
import { useWording } from './wording'

/** Plain steps that follow each other, each in full; a touch opens one alone. */
const props = defineProps<{
  run: BenchStep[]
  picking: boolean
  /** They lead up to a figure, whose own sentence comes after them. */
  leading?: boolean
}>()
const emit = defineEmits<{ open: [stepId: string] }>()

const { wording } = useWording()
const groups = computed(() =>
  props.run.reduce<{ id: string; title: string; why: string; steps: BenchStep[] }[]>((groups, each) => {
    const last = groups.at(-1)
    return last?.id === each.operation.id
      ? [...groups.slice(0, -1), { ...last, steps: [...last.steps, each] }]
      : [...groups, { id: each.operation.id, title: each.operation.title, why: each.operation.why, steps: [each] }]
  }, []),
)
</script>

<template>
  <p v-if="picking" class="band"><strong>Which one?</strong> Touch it.</p>
  <section v-for="(group, index) in groups" :key="group.id">
    <component v-if="!leading" :is="index === 0 ? 'h1' : 'h2'" tabindex="-1">{{ group.title }}</component>
    <p v-if="wording === 'trainee' && group.why !== ''" class="row-text">
      <span class="muted">why</span> {{ group.why }}
    </p>
    <ul :class="{ leading }">
      <li v-for="{ step } in group.steps" :key="step.id">
        <button type="button" class="line" :class="{ picking }" @click="emit('open', step.id)">
          <span class="text"
            >{{ step.text }} <strong v-if="step.figure" class="figure">{{ step.figure.text }}</strong>
            <span v-if="step.figure?.detail || step.beside" class="muted">{{
              [step.figure?.detail, step.beside].filter((each) => each).join(', ')
            }}</span></span
          >
          <span v-for="row in step.rows" :key="row" class="row-text">{{ row }}</span>
          <span v-if="step.warning" class="row-text">Thread: {{ step.warning }}</span>
          <span v-if="step.check && wording !== 'short'" class="row-text"
            ><span class="muted">check</span> {{ step.check }}</span
          >
          <span v-if="step.slip && wording !== 'short'" class="row-text"
            ><span class="muted">usual slip</span> {{ step.slip }}</span
          >
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h1 {
  font-size: 25px;
}

h2 {
  font-size: 21px;
  margin-top: 10px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

.line {
  font: inherit;
  display: block;
  width: 100%;
  min-height: 56px;
  text-align: left;
  padding: 8px 10px;
  border: 0;
  border-top: 1px solid var(--line);
  background: none;
  color: var(--ink);
  cursor: pointer;
}

ul.leading {
  border-bottom: 1px solid var(--line);
  margin-bottom: 8px;
}

ul.leading .line {
  border-top: 0;
  padding-top: 0;
}

.line.picking {
  border: 2px solid var(--green);
  border-radius: 4px;
  margin-bottom: 8px;
  background: var(--panel);
}

.text {
  font-size: 21px;
  font-weight: 600;
}

.figure {
  font-size: 30px;
  font-weight: 800;
}

.row-text {
  display: block;
  font-size: 17px;
}
</style>
