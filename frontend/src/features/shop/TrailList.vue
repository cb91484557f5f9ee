<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { answered, api } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import { useSession, useShop } from '@/shared/session'
import { momentText } from '@/shared/units'
import { changeWords } from './changes'

/** Who changed what of the shop and its accounts, the newest first. */
const { personOf } = useSession()
const { timeZone } = useShop()
const { data } = useQuery({ queryKey: keys.trail, queryFn: () => answered(api.GET('/api/trail')), staleTime: 0 })
const whose = (subject: string): string => (subject.startsWith('account ') ? personOf(subject.slice(8)) : '')
</script>

<template>
  <section v-if="data && data.lines.length > 0" class="panel">
    <h2>Who changed what</h2>
    <table class="plain">
      <tbody>
        <tr v-for="(line, place) in data.lines" :key="place">
          <td class="when">{{ momentText(line.at, timeZone) }}</td>
          <td>{{ personOf(line.by) }}</td>
          <td>
            {{ changeWords(line.action) }} {{ whose(line.subject) }}
            <ul v-if="line.changes.length > 0" class="small">
              <li v-for="change in line.changes" :key="change.label">
                {{ change.label }}: {{ change.before || 'nothing' }} → <strong>{{ change.after || 'nothing' }}</strong>
              </li>
            </ul>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
td {
  vertical-align: top;
}

ul {
  margin: 2px 0 0;
  padding-left: 18px;
}

.when {
  width: 170px;
  white-space: nowrap;
}
</style>
