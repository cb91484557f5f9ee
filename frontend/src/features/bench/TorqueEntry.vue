<script setup lang="ts">
import { nextTick, ref, useTemplateRef, watch } from 'vue'
import type { EntryValue, Step } from '@/shared/api/types'
import CrowfootBox from '@/shared/ui/CrowfootBox.vue'
import { decimalInput } from '@/shared/units'

type Torque = Extract<NonNullable<Step['tightening']>, { kind: 'torque' }>

/** The torque as set, and the wrench that was used; the wrench is remembered for the next joint of the same unit. */
const props = defineProps<{ tightening: Torque; wrenches: string[]; sending: boolean }>()
const emit = defineEmits<{ tighten: [value: EntryValue] }>()

const units = { nm: 'N·m', ft_lb: 'ft·lb', in_lb: 'in·lb' } as const
const memory = `wrench.${props.tightening.unit}`
const torque = ref('')
const crowfoot = ref(false)
const box = useTemplateRef('box')
watch(crowfoot, async () => {
  await nextTick()
  const element: unknown = box.value?.$el
  if (element instanceof HTMLElement) {
    element.scrollIntoView({ block: 'end' })
  }
})
const wrench = ref(sessionStorage.getItem(memory) ?? '')

function enter(): void {
  sessionStorage.setItem(memory, wrench.value)
  emit('tighten', { torque: decimalInput(torque.value), unit: props.tightening.unit, wrench: wrench.value })
}
</script>

<template>
  <form class="torque" @submit.prevent="enter">
    <label
      >used, {{ units[tightening.unit] }}
      <input v-model="torque" class="field" inputmode="decimal" autocomplete="off" required
    /></label>
    <button type="button" class="big" @click="torque = tightening.nominal">{{ tightening.nominal }}</button>
    <label>
      wrench
      <select v-model="wrench" class="field" required>
        <option value="" disabled>choose …</option>
        <option v-for="each in wrenches" :key="each">{{ each }}</option>
      </select>
    </label>
    <button type="submit" class="big main" :disabled="sending || torque.trim() === '' || wrench === ''">Enter</button>
  </form>
  <button type="button" class="more" :aria-expanded="crowfoot" @click="crowfoot = !crowfoot">
    {{ crowfoot ? 'Without a crowfoot' : 'With a crowfoot …' }}
  </button>
  <CrowfootBox
    v-if="crowfoot"
    ref="box"
    class="crow"
    :value="tightening.nominal"
    :unit="tightening.unit"
    :text="`${tightening.nominal} ${units[tightening.unit]}`"
  />
</template>

<style scoped>
.torque {
  display: flex;
  gap: 10px;
  align-items: flex-end;
  flex-wrap: wrap;
}

.more {
  font: inherit;
  min-height: 44px;
  border: 0;
  background: none;
  color: var(--green);
  text-decoration: underline;
  cursor: pointer;
}

.crow {
  margin-top: 10px;
}

.big {
  padding: 0 18px;
}

.field {
  width: 120px;
}

select.field {
  width: auto;
}
</style>
