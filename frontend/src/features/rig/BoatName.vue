<script setup lang="ts">
import type { Pressing } from '@/shared/api/types'

/** A boat in a list: its name, which leads to its rig, and what kind of boat it is. */
defineProps<{ boat: Pick<Pressing['boat'], 'boatId' | 'name' | 'kind'> }>()
</script>

<template>
  <RouterLink :to="`/boats/${boat.boatId}`"
    ><strong>{{ boat.name }}</strong></RouterLink
  >
  <span class="muted"> · {{ boat.kind }}</span>
</template>
