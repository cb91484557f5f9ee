<script setup lang="ts">
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import type { EntryValue, Step } from '@/shared/api/types'
import CrowfootBox from '@/shared/ui/CrowfootBox.vue'
import { decimalInput } from '@/shared/units'
import { useWrench } from './useWrench'

type Torque = Extract<NonNullable<Step['tightening']>, { kind: 'torque' }>

/**
 * The torque as set, and the wrench that was used: the order's choice, or the last one if the figure asks for it too.
 * Another one needs a reason.
 */
const props = defineProps<{ tightening: Torque; fitting: string[]; wrenches: string[]; sending: boolean }>()
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
const last = sessionStorage.getItem(memory) ?? ''
const wrench = ref(props.fitting.includes(last) ? last : (props.fitting[0] ?? ''))
const reason = ref('')
const { pull, use } = useWrench()
const isOther = computed(() => wrench.value !== '' && !props.fitting.includes(wrench.value))
const others = computed(() => props.wrenches.filter((each) => !props.fitting.includes(each)))

/** With a wrench that needs no reason a press says it all. */
function asOrdered(): void {
  torque.value = props.tightening.nominal
  if (wrench.value !== '' && !isOther.value && !props.sending) {
    enter()
  }
}

/** What the wrench read, as it read it. */
function asRead(): void {
  const read = pull.value
  if (read === null || props.sending) {
    return
  }
  wrench.value = read.wrench
  if (isOther.value) {
    torque.value = read.unit === props.tightening.unit ? read.torque : ''
    return
  }
  use(read.id)
  emit('tighten', { torque: read.torque, unit: read.unit, wrench: read.wrench })
}

function enter(): void {
  sessionStorage.setItem(memory, wrench.value)
  const why = isOther.value ? { reason: reason.value.trim() } : {}
  emit('tighten', { torque: decimalInput(torque.value), unit: props.tightening.unit, wrench: wrench.value, ...why })
}
</script>

<template>
  <form class="torque" @submit.prevent="enter">
    <button type="button" class="big main set" :disabled="sending" @click="asOrdered">
      {{ tightening.nominal }} {{ units[tightening.unit]
      }}<span v-if="wrench !== '' && !isOther" class="with">with {{ wrench }}</span>
    </button>
    <button v-if="pull" type="button" class="big pull" :disabled="sending" @click="asRead">
      {{ pull.wrench.split(',')[0] }} read {{ pull.text }}: enter it
    </button>
    <label
      >used, {{ units[tightening.unit] }}
      <input v-model="torque" class="field" inputmode="decimal" autocomplete="off" required
    /></label>
    <label>
      wrench
      <select v-model="wrench" class="field" required>
        <option value="" disabled>choose …</option>
        <option v-for="each in fitting" :key="each">{{ each }}</option>
        <optgroup label="with a reason">
          <option v-for="each in others" :key="each">{{ each }}</option>
        </optgroup>
      </select>
    </label>
    <label v-if="isOther" class="reason"
      >why this wrench, for the record
      <input v-model="reason" class="field" required maxlength="300" />
    </label>
    <button
      type="submit"
      class="big"
      :disabled="sending || torque.trim() === '' || wrench === '' || (isOther && reason.trim() === '')"
    >
      Enter
    </button>
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
.reason {
  flex: 1 1 360px;
}

.reason .field {
  height: 52px;
  width: 100%;
  font-size: 18px;
}

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

.torque .pull,
.torque .set {
  flex: 1 0 100%;
}

.torque .field,
.torque .big:not(.set) {
  height: 56px;
  min-height: 56px;
}

.with {
  display: block;
  font-size: 14px;
  font-weight: 400;
}
</style>
