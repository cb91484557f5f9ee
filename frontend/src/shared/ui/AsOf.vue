<script setup lang="ts">
import { computed } from 'vue'
import { asProblem } from '@/shared/api/client'
import { timeText } from '@/shared/units'

/** A screen that could not be brought up to date stays, and says how old it is. */
const props = defineProps<{ error: unknown; at: number }>()
const since = computed(() => (props.at === 0 ? null : timeText(new Date(props.at))))
</script>

<template>
  <p v-if="error && since" class="band" role="status">
    <strong>As it was at {{ since }}.</strong> {{ asProblem(error)?.message ?? 'It could not be brought up to date.' }}
  </p>
</template>
