<script setup lang="ts">
import { useRoute } from 'vue-router'

const route = useRoute()
const leaves = [
  { to: '/parts', name: 'Pick lists' },
  { to: '/parts/catalogue', name: 'Catalogue' },
]
</script>

<template>
  <nav class="row" aria-label="Parts">
    <RouterLink
      v-for="leaf in leaves"
      :key="leaf.to"
      :to="leaf.to"
      :aria-current="route.path === leaf.to ? 'page' : undefined"
      :class="{ here: route.path === leaf.to }"
      >{{ leaf.name }}</RouterLink
    >
  </nav>
</template>

<style scoped>
.here {
  font-weight: 700;
  text-decoration: none;
  color: var(--ink);
}
</style>
