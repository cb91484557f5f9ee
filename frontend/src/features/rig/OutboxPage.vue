<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { momentText } from '@/shared/units'
import CalendarBox from './CalendarBox.vue'
import RigNav from './RigNav.vue'

/** What was written to owners, and the shop's own calendar. */
const { mayWrite, personOf } = useSession()
const { timeZone } = useShop()
const queries = useQueryClient()
const { data, error, isPending } = useQuery({
  queryKey: keys.outbox,
  queryFn: () => answered(api.GET('/api/outbox')),
  staleTime: 0,
})
const { data: calendar } = useQuery({
  queryKey: keys.calendar,
  queryFn: () => answered(api.GET('/api/calendar')),
  staleTime: 0,
})
</script>

<template>
  <div class="stack">
    <RigNav :may-write="mayWrite" />
    <el-skeleton v-if="isPending" :rows="4" />
    <ProblemNote v-else-if="error && !data" :error="error" />
    <section v-else-if="data" class="panel">
      <h1>Outbox</h1>
      <p v-if="data.messages.length === 0" class="muted">
        Nothing was written to an owner yet. A rig’s page has “Remind the owner”.
      </p>
      <details v-for="message in data.messages" :key="message.id" class="message">
        <summary>
          <span>{{ momentText(message.writtenAt, timeZone) }}</span>
          <strong>{{ message.subject }}</strong>
          <span class="muted">{{ message.channel === 'email' ? 'e-mail' : 'text' }} to {{ message.recipient }}</span>
          <span v-if="message.failure" class="mark-word alarm">not sent</span>
          <span v-else class="mark-word good">sent</span>
        </summary>
        <p v-if="message.failure" class="band stop">{{ message.failure }}</p>
        <pre>{{ message.body }}</pre>
        <p class="muted small">
          by {{ personOf(message.writtenBy) }} · <RouterLink :to="`/boats/${message.boatId}`">the rig</RouterLink>
        </p>
      </details>
    </section>
    <section class="panel stack">
      <h2>The shop’s calendar</h2>
      <p class="muted small">The next 90 days of all boats, the 200 engines that are due first.</p>
      <CalendarBox
        v-if="calendar"
        :boat-id="null"
        :token="calendar.token"
        @renewed="queries.invalidateQueries({ queryKey: keys.calendar })"
      />
    </section>
  </div>
</template>

<style scoped>
.message {
  border-bottom: 1px solid var(--line);
  padding: 7px 0;
}

summary {
  cursor: pointer;
  display: grid;
  grid-template-columns: 170px 1fr 1fr auto;
  gap: 12px;
}

pre {
  font: inherit;
  white-space: pre-wrap;
  margin: 8px 0;
}
</style>
