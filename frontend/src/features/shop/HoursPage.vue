<script setup lang="ts">
import { useSession } from '@/shared/session'
import SeasonForm from './SeasonForm.vue'
import ShopNav from './ShopNav.vue'
import WeekForm from './WeekForm.vue'

const { mayManage } = useSession()
</script>

<template>
  <div class="stack narrow">
    <ShopNav />
    <h1>Hours and season</h1>
    <p v-if="!mayManage" class="muted">The service manager sets them.</p>
    <WeekForm />
    <SeasonForm />
    <p class="muted small">
      How much boats run in each month is part of the policy:
      <RouterLink to="/policy/due">when something is due</RouterLink>.
    </p>
  </div>
</template>

<style scoped>
.narrow {
  max-width: 860px;
}
</style>
