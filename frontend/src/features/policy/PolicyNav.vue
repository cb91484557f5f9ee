<script setup lang="ts">
import LeafNav from '@/shared/ui/LeafNav.vue'

const leaves = [
  { to: '/policy', name: 'Schools' },
  { to: '/policy/due', name: 'When something is due' },
  { to: '/policy/answers', name: 'What may be seen' },
]
</script>

<template>
  <LeafNav name="Policy" :leaves="leaves" />
</template>
