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
          <td>{{ changeWords(line.action) }} {{ whose(line.subject) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.when {
  width: 170px;
  white-space: nowrap;
}
</style>
