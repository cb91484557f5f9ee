<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { watch } from 'vue'
import { answered, api, awaySince } from '@/shared/api/client'
import { timeText } from '@/shared/units'

/** Says that the server is not there, on every screen, and looks until it is. */
const queries = useQueryClient()
const everyMs = 3_000
let next: ReturnType<typeof setTimeout> | undefined

async function look(): Promise<void> {
  await answered(api.GET('/health')).catch(() => null)
  clearTimeout(next)
  next = awaySince.value === null ? undefined : setTimeout(() => void look(), everyMs)
}

watch(awaySince, (since, before) => {
  // the page makes room, so that no button lies beneath it
  document.documentElement.style.setProperty('--strip', since === null ? '0px' : '48px')
  if (since !== null && before === null) {
    next = setTimeout(() => void look(), everyMs)
  } else if (since === null) {
    clearTimeout(next)
    void queries.invalidateQueries()
  }
})
</script>

<template>
  <p v-if="awaySince" class="away" role="status">
    <strong>◆ The shop’s server does not answer</strong> since {{ timeText(awaySince) }}. What you typed is still here.
    This page goes on by itself when the server is back.
  </p>
</template>

<style scoped>
.away {
  position: fixed;
  inset: auto 0 0;
  z-index: 4000;
  height: 48px;
  margin: 0;
  padding: 10px 20px;
  background: var(--brass-tint);
  color: var(--ink);
  border-top: 3px solid var(--brass);
  font-size: 16px;
  line-height: 25px;
  text-align: center;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
