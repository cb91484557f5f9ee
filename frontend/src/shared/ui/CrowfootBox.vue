<script setup lang="ts">
import { computed, ref } from 'vue'
import { answered, api, asProblem } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import { decimalInput } from '@/shared/units'
import ProblemNote from './ProblemNote.vue'

/** A crowfoot changes what the wrench is set to. The lever is kept: it is the same wrench all day. */
const props = defineProps<{ value: string; unit: 'nm' | 'ft_lb' | 'in_lb'; text: string }>()
const kept = 'fresh-tack.lever'
const lever = ref(sessionStorage.getItem(kept) ?? '')
const offset = ref('')
const degrees = ref(0)
const lengthUnit = ref<'mm' | 'in'>('mm')
const ask = usePress({
  mutationFn: () => {
    sessionStorage.setItem(kept, lever.value)
    return answered(
      api.POST('/api/tools/crowfoot', {
        body: {
          torque: { value: props.value, unit: props.unit },
          lever: { value: decimalInput(lever.value), unit: lengthUnit.value },
          offset: { value: decimalInput(offset.value), unit: lengthUnit.value },
          degrees: degrees.value,
        },
      }),
    )
  },
})
const flaw = computed(() => [...(asProblem(ask.error.value)?.fields.values() ?? [])][0])
</script>

<template>
  <form class="crowfoot" @submit.prevent="ask.mutate()">
    <p>
      For <strong>{{ text }}</strong> at the fastener. An extension bar on the drive’s own axis changes nothing.
    </p>
    <div class="row">
      <label>Grip to drive<input v-model="lever" inputmode="decimal" required /></label>
      <label>Drive to fastener<input v-model="offset" inputmode="decimal" required /></label>
      <label
        >unit<select v-model="lengthUnit">
          <option value="mm">mm</option>
          <option value="in">in</option>
        </select></label
      >
      <label
        >stands
        <select v-model.number="degrees">
          <option :value="0">straight on, 0°</option>
          <option :value="45">at 45°</option>
          <option :value="90">across, 90°</option>
          <option :value="135">at 135°</option>
          <option :value="180">folded back, 180°</option>
        </select></label
      >
      <button type="submit" :disabled="ask.isPending.value">Set the wrench to</button>
      <output v-if="ask.data.value?.setting" class="setting">
        {{ ask.data.value.setting }} <span class="muted small">{{ ask.data.value.converted }}</span>
      </output>
    </div>
    <p v-if="ask.data.value?.setting" class="small" role="status">
      {{ ask.data.value.wrench ?? '' }}
      <strong v-if="ask.data.value.warning" class="flaw">{{ ask.data.value.warning }}</strong>
    </p>
    <p v-if="flaw" class="flaw" role="alert">{{ flaw }}</p>
    <ProblemNote v-else :error="ask.error.value" />
  </form>
</template>

<style scoped>
.crowfoot {
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 8px 10px;
  background: var(--panel);
}

.row {
  align-items: end;
  gap: 8px;
  flex-wrap: wrap;
}

label {
  display: flex;
  flex-direction: column;
  font-size: 13px;
}

input,
select,
button {
  font: inherit;
  min-height: 40px;
  padding: 4px 8px;
  border: 1px solid var(--field-line);
  border-radius: 3px;
  background: var(--panel);
}

input {
  width: 92px;
}

button {
  color: #fff;
  background: var(--green);
  border-color: var(--green);
  cursor: pointer;
}

.setting {
  font-size: 24px;
  font-weight: 800;
}

.flaw {
  color: var(--red);
}
</style>
