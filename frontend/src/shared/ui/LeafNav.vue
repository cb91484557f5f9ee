<script setup lang="ts">
import { useRoute } from 'vue-router'

/** The leaves of one place of the shop, with what waits on each. */
defineProps<{ name: string; leaves: { to: string; name: string; count?: number | null }[] }>()
const route = useRoute()
</script>

<template>
  <nav class="leaves" :aria-label="name">
    <RouterLink
      v-for="leaf in leaves"
      :key="leaf.to"
      :to="leaf.to"
      :class="{ here: route.path === leaf.to }"
      :aria-current="route.path === leaf.to ? 'page' : undefined"
      >{{ leaf.name }} <strong v-if="leaf.count">{{ leaf.count }}</strong></RouterLink
    >
  </nav>
</template>

<style scoped>
.leaves {
  display: flex;
  gap: 4px;
  border-bottom: 1px solid var(--line);
}

.leaves a {
  padding: 7px 14px;
  text-decoration: none;
  color: var(--ink);
  border: 1px solid transparent;
  border-bottom: 0;
  border-radius: 3px 3px 0 0;
}

.leaves a:hover {
  background: var(--green-tint);
}

.leaves a.here {
  background: var(--panel);
  border-color: var(--line);
  margin-bottom: -1px;
  font-weight: 700;
}

.leaves strong {
  color: var(--brass);
}
</style>
