<script setup lang="ts">
import { computed } from 'vue'
import type { BenchStep } from './useBench'

/** What a finger can do with the card that is shown. */
const props = defineProps<{
  current: BenchStep
  /** How many plain steps one press checks. */
  many: number
  /** The press says that the cautions were read, too. */
  reads: boolean
  first: boolean
  mayWork: boolean
  barred: boolean
  /** Something else may be done now. */
  elsewhere: boolean
  /** It was not to be done yet, and is entered as what happened all the same. */
  happened: boolean
  sending: boolean
  late: boolean
  settling: boolean
}>()
const emit = defineEmits<{ back: []; next: []; found: []; couldNot: []; done: [] }>()

/**
 * The button stays the same from step to step, so that no tap falls between two of them; and a tap counts for the step
 * that was shown when the finger came down.
 */
let pressedAt: string | null = null
function press(): void {
  pressedAt = props.current.step.id
}
function done(): void {
  if (pressedAt === null || pressedAt === props.current.step.id) {
    emit('done')
  }
  pressedAt = null
}
const goesOn = computed(() => props.current.done || (props.barred && props.elsewhere))
const words = computed(() => {
  if (props.sending) {
    return props.late ? 'Not sent yet …' : 'Entering …'
  }
  if (props.current.done) {
    return 'Done already, go on'
  }
  const done = props.many > 1 ? `All ${props.many} done` : props.happened ? 'It happened all the same' : 'Done'
  return props.reads ? `Cautions read. ${done}` : done
})
</script>

<template>
  <footer class="buttons">
    <button type="button" class="big" :disabled="first" @click="emit('back')">Back</button>
    <button v-if="mayWork" type="button" class="big" @click="emit('couldNot')">Could not …</button>
    <button v-if="mayWork" type="button" class="big" @click="emit('found')">Found …</button>
    <button
      v-if="mayWork && !barred && current.step.entry === 'tick'"
      type="button"
      class="big main wide"
      :aria-disabled="sending || settling"
      @pointerdown="press"
      @click="done"
    >
      {{ words }}
    </button>
    <button v-else type="button" class="big wide" :class="{ main: goesOn }" :disabled="!goesOn" @click="emit('next')">
      {{ current.done ? 'Next step' : !barred ? 'Enter it above' : elsewhere ? 'Go on elsewhere' : 'Not yet' }}
    </button>
  </footer>
</template>

<style scoped>
.buttons {
  display: flex;
  gap: 14px;
  padding: 12px 20px 18px;
}

.wide {
  flex: 1;
}

@media (max-width: 760px) {
  .buttons {
    flex-wrap: wrap;
    gap: 8px;
    padding: 8px 12px 12px;
  }

  .buttons .big {
    flex: 1;
    padding: 0 8px;
    min-height: 56px;
    font-size: 18px;
    white-space: nowrap;
  }

  .buttons .wide {
    flex: 1 0 100%;
  }
}
</style>
