<script setup lang="ts">
import type { Bench } from '@/shared/api/types'
import { useSession, useShop } from '@/shared/session'
import { momentText } from '@/shared/units'

defineProps<{ parked: NonNullable<Bench['parked']> }>()
const { personOf } = useSession()
const { timeZone } = useShop()
</script>

<template>
  <p class="band" role="status">
    <strong>Parked</strong> by {{ personOf(parked.by) }}, {{ momentText(parked.at, timeZone)
    }}{{ parked.why === '' ? '' : `: ${parked.why.replace(/\.+$/, '')}` }}.
    {{ parked.until === null ? '' : `It goes on ${momentText(parked.until, timeZone)}.` }}
    Whatever you enter goes on with it.
  </p>
</template>
