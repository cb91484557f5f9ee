<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, watch, watchEffect } from 'vue'
import { answered, api, awaySince } from '@/shared/api/client'
import { useSession } from '@/shared/session'
import { signedInAs } from '@/shared/signedIn'
import { timeText } from '@/shared/units'
import { lateOnes, sendAll, type Unsent } from '@/shared/unsent/store'

/** Says on every screen that the server is not there, and what has not reached it; looks until it is back. */
const queries = useQueryClient()
const { personOf } = useSession()
const everyMs = 3_000
let next: ReturnType<typeof setTimeout> | undefined

async function look(): Promise<void> {
  await answered(api.GET('/health')).catch(() => null)
  clearTimeout(next)
  next = awaySince.value === null ? undefined : setTimeout(() => void look(), everyMs)
}

watch(awaySince, (since, before) => {
  if (since !== null && before === null) {
    next = setTimeout(() => void look(), everyMs)
  } else if (since === null) {
    clearTimeout(next)
    void queries.invalidateQueries()
    void sendAll()
  }
})

const changes = (all: Unsent[]): string => {
  const count = all.reduce((sum, each) => sum + Math.max(1, each.changes), 0)
  return `${count} ${count === 1 ? 'change' : 'changes'}`
}
const held = computed(() => lateOnes.value.filter((each) => each.held && each.by === signedInAs.value))
const others = computed(() => lateOnes.value.filter((each) => each.by !== signedInAs.value))
const going = computed(() => lateOnes.value.filter((each) => !each.held && each.by === signedInAs.value))
const since = computed(() => new Date(Math.min(...going.value.map((each) => each.since.getTime()))))
const shown = computed(() => awaySince.value !== null || lateOnes.value.length > 0)
watchEffect(() => {
  // the page makes room, so that no button lies beneath it
  document.documentElement.style.setProperty('--strip', shown.value ? '48px' : '0px')
})
</script>

<template>
  <div v-if="shown" class="strip" role="status" aria-label="What has not been sent">
    <span v-if="awaySince">
      <strong>◆ The shop’s server does not answer</strong> since {{ timeText(awaySince) }}.
      <template v-if="going.length === 0">What you typed is still here; this page goes on by itself.</template>
    </span>
    <span v-if="going.length > 0">
      <strong>Not sent yet: {{ changes(going) }}</strong
      >, {{ going.map((each) => each.what).join(', ') }}, since {{ timeText(since) }}.
      <button type="button" class="mini" @click="sendAll">Send now</button>
    </span>
    <span v-for="each in held" :key="each.what">
      <strong>Not taken: {{ changes([each]) }}</strong
      >, {{ each.what }}. <RouterLink :to="each.to">Look at it</RouterLink>
    </span>
    <span v-for="each in others" :key="each.what + each.by">
      {{ changes([each]) }} of {{ personOf(each.by) }}, {{ each.what }}: sent when {{ personOf(each.by) }} signs in
      here.
    </span>
  </div>
</template>

<style scoped>
.strip {
  position: fixed;
  inset: auto 0 0;
  z-index: 4000;
  height: 48px;
  display: flex;
  gap: 6px 18px;
  align-items: center;
  justify-content: center;
  padding: 3px 20px 0;
  background: var(--brass-tint);
  color: var(--ink);
  border-top: 3px solid var(--brass);
  font-size: 16px;
  white-space: nowrap;
  overflow: hidden;
}

.strip span {
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
