<script setup lang="ts">
import { computed } from 'vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import ShopNav from './ShopNav.vue'
import { useSetUp } from '@/shared/setUp'

/** The parts of a shop one under the other: what is there, what is missing, and what does not work without it. */
const { setUp, error, isPending, missing } = useSetUp()
/** What to do next: the first that is missing. */
const first = computed(() => setUp.value?.parts.find((part) => !part.isDone)?.key ?? null)
</script>

<template>
  <div class="stack narrow">
    <ShopNav />
    <h1>Setting up the shop</h1>
    <p class="muted">
      <template v-if="missing > 0">
        Begin where you like, and go on another day: each part can wait, and its line says what does not work until
        then.
      </template>
      <template v-else>Everything is there.</template>
    </p>
    <el-skeleton v-if="isPending" :rows="8" />
    <ProblemNote v-else-if="error && !setUp" :error="error" />
    <ol v-else-if="setUp" class="panel parts">
      <li v-for="part in setUp.parts" :key="part.key">
        <span class="mark-word" :class="part.isDone ? 'good' : 'ask'">{{ part.isDone ? 'there' : 'missing' }}</span>
        <span>
          <strong>{{ part.name }}</strong> <span class="muted">{{ part.told }}</span>
          <br v-if="part.blocks" />
          <span v-if="part.blocks">{{ part.blocks }}</span>
        </span>
        <RouterLink
          :to="part.to"
          :class="part.key === first ? 'go' : 'quiet'"
          :aria-label="`${part.isDone ? 'Look at it' : 'Enter it'}: ${part.name}`"
          >{{ part.isDone ? 'Look at it' : 'Enter it' }}</RouterLink
        >
      </li>
    </ol>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 900px;
}

.parts {
  list-style: none;
  margin: 0;
  padding: 4px 14px;
}

.parts li {
  display: grid;
  grid-template-columns: 84px 1fr auto;
  gap: 12px;
  align-items: center;
  padding: 9px 0;
  border-top: 1px solid var(--line);
}

.quiet {
  color: var(--green);
  padding: 6px 14px;
}

.parts li:first-child {
  border-top: 0;
}
</style>
