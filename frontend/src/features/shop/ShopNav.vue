<script setup lang="ts">
import LeafNav from '@/shared/ui/LeafNav.vue'
import { useSetUp } from '@/shared/setUp'

const { missing } = useSetUp()
</script>

<template>
  <LeafNav
    name="The shop"
    :leaves="[
      { to: '/shop/set-up', name: 'Setting up', count: missing },
      { to: '/shop', name: 'The shop' },
      { to: '/shop/hours', name: 'Hours and season' },
      { to: '/shop/oils', name: 'Oils' },
      { to: '/shop/wrenches', name: 'Wrenches' },
      { to: '/shop/people', name: 'People' },
      { to: '/shop/boats', name: 'Boats from a file' },
    ]"
  />
</template>
