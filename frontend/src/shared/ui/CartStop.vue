<script setup lang="ts">
import type { CartStop } from '@/shared/cart'

/** What one operation needs from the cart; once the order is issued, a part with a box for each engine. */
defineProps<{ stop: CartStop; confirmedBy?: (part: string, engine: string) => string | null; mayTakeBack?: boolean }>()
const emit = defineEmits<{ takeBack: [part: string, engine: string] }>()
</script>

<template>
  <li>
    <strong>{{ stop.title }}</strong>
    <ul>
      <li v-for="line in stop.lines" :key="line.key" :class="line.kind">
        <span class="kind">{{ line.kind }}</span> <strong>{{ line.what }}</strong> {{ line.words }}
        <span class="muted small">{{ line.where }}</span>
        <template v-if="line.kind === 'part' && confirmedBy">
          <span
            v-for="engine in line.engines"
            :key="engine"
            class="held"
            :class="{ done: confirmedBy(line.key, engine) }"
          >
            {{ confirmedBy(line.key, engine) ? `☑ ${engine}, ${confirmedBy(line.key, engine)}` : `☐ ${engine}` }}
            <button
              v-if="mayTakeBack && confirmedBy(line.key, engine)"
              type="button"
              class="mini"
              :aria-label="`Take back ${line.key}, ${engine}`"
              @click="emit('takeBack', line.key, engine)"
            >
              take back …
            </button>
          </span>
        </template>
      </li>
    </ul>
  </li>
</template>

<style scoped>
li {
  break-inside: avoid;
  margin-bottom: 8px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

ul li {
  margin-bottom: 2px;
}

.kind {
  display: inline-block;
  width: 42px;
  color: var(--muted);
  font-size: 12px;
}

.part .kind,
.oil .kind,
.lube .kind {
  color: var(--brass);
  font-weight: 700;
}

.held {
  margin-left: 8px;
  white-space: nowrap;
  color: var(--brass);
  font-weight: 600;
}

.held.done {
  color: var(--green);
}
</style>
