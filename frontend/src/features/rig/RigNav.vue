<script setup lang="ts">
import LeafNav from '@/shared/ui/LeafNav.vue'

defineProps<{ mayWrite: boolean }>()
</script>

<template>
  <LeafNav
    name="The register"
    :leaves="[
      { to: '/boats', name: 'Boats' },
      { to: '/engines', name: 'Engines in store' },
      { to: '/hours', name: 'Hours' },
      ...(mayWrite
        ? [
            { to: '/outbox', name: 'Outbox' },
            { to: '/removed', name: 'Removed' },
          ]
        : []),
    ]"
  />
</template>
