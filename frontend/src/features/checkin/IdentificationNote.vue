<script setup lang="ts">
import { refusalWords } from '@/shared/words'
import { useIdentification } from './useCheckIn'

/** Which sheet this plate leads to, while it is typed. */
const props = defineProps<{ model: string; serial: string }>()
const { identification } = useIdentification(() => ({ model: props.model, serial: props.serial.trim() }))
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
</template>
