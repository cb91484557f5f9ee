<script setup lang="ts">
import { computed } from 'vue'
import type { Bench } from '@/shared/api/types'
import { cautionsOf, cautionsUntilLockout, unreadIn } from './cautions'
import PartsToHold from './PartsToHold.vue'
import type { BenchStep } from './useBench'
import { useWording } from './wording'

/**
 * What has to be kept in mind at all of the operations that are shown, each caution once; and parts to hold first. Once per
 * lockout all that is asked for until the next stands in full and is acknowledged; after that it is small, and a touch away.
 */
const props = defineProps<{
  bench: Bench
  run: BenchStep[]
  steps: BenchStep[]
  /** The press that checks the step says that they were read. */
  withDone: boolean
  mayWork: boolean
  sending: boolean
}>()
const emit = defineEmits<{ read: [stepIds: string[]] }>()

const { wording } = useWording()
const operations = computed(() => [...new Map(props.run.map(({ operation }) => [operation.id, operation])).values()])
const unread = computed(() => unreadIn(props.run))
const toRead = computed(() => cautionsUntilLockout(unread.value, props.steps))
const known = computed(() => (toRead.value.length > 0 ? [] : cautionsOf(props.run)))
</script>

<template>
  <div class="cautions">
    <PartsToHold v-for="operation in operations" :key="operation.id" :bench="bench" :operation="operation" />
    <section v-if="toRead.length > 0" class="band unread" aria-label="Cautions to read">
      <p>Read these first. They hold until the next lockout.</p>
      <ul tabindex="0">
        <li v-for="caution in toRead" :key="caution.id">
          <strong>{{ caution.title }}.</strong> {{ caution.text }}
        </li>
      </ul>
      <button
        v-if="mayWork && !withDone"
        type="button"
        class="big"
        :disabled="sending"
        @click="
          emit(
            'read',
            unread.map(({ step }) => step.id),
          )
        "
      >
        I have read them
      </button>
    </section>
    <details v-else-if="known.length > 0" class="band" :open="wording === 'trainee'">
      <summary>
        <strong>{{ known.map(({ title }) => title).join(' · ') }}</strong>
      </summary>
      <p v-for="caution in known" :key="caution.id">
        <strong>{{ caution.title }}.</strong> {{ caution.text }}
      </p>
    </details>
  </div>
</template>

<style scoped>
.cautions {
  padding: 0 20px;
  display: flex;
  flex-direction: column;
  gap: 5px;
}

.unread p {
  margin: 0 0 4px;
}

ul {
  columns: 2;
  max-height: 34vh;
  overflow: auto;
  column-gap: 24px;
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  break-inside: avoid;
  margin-bottom: 4px;
}

.big {
  width: 100%;
  margin-top: 8px;
}

details {
  padding: 0 12px;
}

summary {
  cursor: pointer;
  min-height: 56px;
  align-content: center;
}

details p {
  margin: 0 0 8px;
}

@media (max-width: 760px) {
  .cautions {
    padding: 0 12px;
    font-size: 15px;
  }

  ul {
    columns: auto;
    max-height: none;
  }
}
</style>
