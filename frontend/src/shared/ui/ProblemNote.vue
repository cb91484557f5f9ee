<script setup lang="ts">
import { computed } from 'vue'
import { asProblem, Told } from '@/shared/api/client'

/** What went wrong, with the remedy, and a list of what is wrong where no field can show it. */
const props = defineProps<{ error: unknown; unshown?: boolean; named?: boolean }>()
const problem = computed(() => asProblem(props.error))
const message = computed(() => {
  const told = problem.value ?? (props.error instanceof Told ? props.error : null)
  return told?.message ?? 'Something broke in this page. Load it again.'
})
const errors = computed(() => problem.value?.details.errors ?? [])
const lines = computed(() => {
  if (props.named) {
    // of a file: where in it, as the terminal says it
    const told = errors.value.map(({ pointer, detail }) => (pointer === '' ? detail : `${pointer}: ${detail}`))
    return told.length === 1 && told[0] === problem.value?.message ? [] : told
  }
  const told = props.unshown ? [...new Set(errors.value.map(({ detail }) => detail))] : []
  return told.length > 1 ? told : []
})
</script>

<template>
  <div v-if="error" class="band stop" role="alert">
    <strong>{{ message }}</strong>
    <ul v-if="lines.length > 0" class="lines">
      <li v-for="line in lines" :key="line">{{ line }}</li>
    </ul>
  </div>
</template>

<style scoped>
.lines {
  margin: 4px 0 0;
  padding-left: 18px;
}
</style>
