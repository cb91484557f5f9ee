<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue'
import { dayTyped } from '@/shared/days'
import { vFlaw } from '@/shared/keyboard'
import { dayText } from '@/shared/units'

/**
 * A day, typed as people here write it or picked from the calendar, and shown in words. The model is `2026-03-09`; ''
 * is none.
 */
defineOptions({ inheritAttrs: false })
const props = defineProps<{ id?: string; label?: string; readonly?: boolean; required?: boolean }>()
const day = defineModel<string>({ required: true })
const shown = (value: string): string => (value === '' ? '' : dayText(value))
const typed = ref(shown(day.value))
watch(day, (now) => {
  typed.value = now === dayTyped(typed.value) ? typed.value : shown(now)
})
const example = computed(() => dayText('2026-03-09'))
const wrong = computed(() => {
  if (typed.value.trim() === '') {
    return props.required ? 'Give the day.' : null
  }
  return dayTyped(typed.value) === null ? `Write the day as ${example.value}.` : null
})
const wasThere = ref(false)
const calendar = useTemplateRef<HTMLInputElement>('calendar')

function take(): void {
  wasThere.value = true
  if (wrong.value === null) {
    const read = dayTyped(typed.value) ?? ''
    day.value = read
    typed.value = shown(read)
  }
}
function pick(event: Event): void {
  day.value = (event.target as HTMLInputElement).value
  typed.value = shown(day.value)
}
</script>

<template>
  <span class="day">
    <input
      v-bind="$attrs"
      :id="id"
      :aria-label="label"
      v-model="typed"
      v-flaw="wrong"
      class="cell"
      autocomplete="off"
      :placeholder="`such as ${example}`"
      :readonly="readonly"
      @change="take"
    />
    <template v-if="!readonly">
      <button type="button" class="mini" aria-label="Calendar" @click="calendar?.showPicker()">▦</button>
      <input ref="calendar" type="date" class="hidden" tabindex="-1" aria-hidden="true" :value="day" @change="pick" />
    </template>
    <span v-if="wrong && wasThere" class="wrong" role="alert">{{ wrong }}</span>
  </span>
</template>

<style scoped>
.day {
  position: relative;
  display: inline-flex;
  gap: 4px;
  align-items: center;
  flex-wrap: wrap;
}

.day .cell,
.day .field {
  width: 152px;
}

.hidden {
  position: absolute;
  inset: auto auto 0 0;
  width: 1px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}

.wrong {
  color: var(--red);
  font-weight: 700;
}
</style>
