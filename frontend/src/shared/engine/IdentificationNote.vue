<script setup lang="ts">
import { computed } from 'vue'
import { refusalWords } from '@/shared/words'
import { vTyped } from '@/shared/keyboard'
import { useIdentification } from './useIdentification'

/** Which sheet this plate leads to, while it is typed. */
const props = defineProps<{ model: string; serial: string }>()
const year = defineModel<number | null>('year', { required: true })
const gearcase = defineModel<string | null>('gearcase', { required: true })
const { identification } = useIdentification(() => ({
  model: props.model,
  serial: props.serial.trim(),
  year: year.value,
  gearcase: gearcase.value,
}))
const asks = computed(() => identification.value?.refusal?.asks ?? [])
const typed = (event: Event): string => (event.target as HTMLInputElement).value.trim()
</script>

<template>
  <p v-if="identification?.sheet" class="band fine small" role="status">
    Sheet <strong>{{ identification.sheet.id }}</strong> rev. {{ identification.sheet.revision }}
  </p>
  <p v-else-if="identification?.refusal" class="band stop" role="status">
    <strong>{{ refusalWords[identification.refusal.reason] }}.</strong> {{ identification.refusal.message }} <br />{{
      identification.refusal.remedy
    }}
  </p>
  <p v-if="asks.includes('year') || year !== null || asks.includes('gearcase') || gearcase !== null" class="row">
    <label v-if="asks.includes('year') || year !== null">
      Model year
      <input
        class="cell figure"
        inputmode="numeric"
        v-typed="String(year ?? '')"
        @change="year = /^\d{4}$/.test(typed($event)) ? Number(typed($event)) : null"
      />
    </label>
    <label v-if="asks.includes('gearcase') || gearcase !== null">
      Gearcase variant
      <input class="cell" size="10" v-typed="gearcase ?? ''" @change="gearcase = typed($event) || null" />
    </label>
  </p>
</template>
