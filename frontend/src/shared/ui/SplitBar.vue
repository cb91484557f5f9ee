<script setup lang="ts">
import { ref } from 'vue'

/** A bar between two parts that share their height, dragged or moved by key; the upper part's height is kept on this machine. */
const props = defineProps<{ label: string; min: number; max: number; controls: string }>()
const height = defineModel<number>({ required: true })

const step = 24
const held = ref<{ at: number; from: number } | null>(null)
function set(pixels: number): void {
  height.value = Math.round(Math.min(props.max, Math.max(props.min, pixels)))
}
function hold(event: PointerEvent): void {
  held.value = { at: event.clientY, from: height.value }
  if (event.currentTarget instanceof Element) {
    event.currentTarget.setPointerCapture(event.pointerId)
  }
}
function drag(event: PointerEvent): void {
  if (held.value) {
    set(held.value.from + event.clientY - held.value.at)
  }
}
</script>

<template>
  <div
    class="bar"
    role="separator"
    tabindex="0"
    aria-orientation="horizontal"
    :aria-label="label"
    :aria-controls="controls"
    :aria-valuenow="height"
    :aria-valuemin="min"
    :aria-valuemax="max"
    :title="`${label}: drag, or ↑ ↓ here`"
    @pointerdown.prevent="hold"
    @pointermove="drag"
    @pointerup="held = null"
    @pointercancel="held = null"
    @keydown.up.prevent.stop="set(height - step)"
    @keydown.down.prevent.stop="set(height + step)"
    @keydown.home.prevent="set(min)"
    @keydown.end.prevent="set(max)"
  >
    <span class="grip"></span>
  </div>
</template>

<style scoped>
.bar {
  flex: none;
  display: grid;
  place-items: center;
  height: 24px;
  margin: -12px 0;
  cursor: row-resize;
  touch-action: none;
  z-index: 2;
}

.grip {
  width: 56px;
  height: 5px;
  border-radius: 3px;
  background: var(--field-line);
}

.bar:hover .grip,
.bar:focus-visible .grip {
  background: var(--green);
}
</style>
