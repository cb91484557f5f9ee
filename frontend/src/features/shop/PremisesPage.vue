<script setup lang="ts">
import { useSession } from '@/shared/session'
import KeepBar from '@/shared/ui/KeepBar.vue'
import PremisesFields from '@/shared/ui/PremisesFields.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import LogoForm from './LogoForm.vue'
import OrderFigures from './OrderFigures.vue'
import PlacesForm from './PlacesForm.vue'
import ShopNav from './ShopNav.vue'
import WasteForm from './WasteForm.vue'
import { useSettings } from './useSettings'

const { mayManage } = useSession()
const { error, isPending, form, keep, reload, field } = useSettings('shop')
</script>

<template>
  <div class="stack narrow">
    <ShopNav />
    <h1>The shop</h1>
    <p v-if="!mayManage" class="muted">The service manager sets it.</p>
    <el-skeleton v-if="isPending" :rows="6" />
    <ProblemNote v-else-if="error && !form" :error="error" />
    <form v-else-if="form" class="panel stack" novalidate @submit.prevent="keep.mutate(form)">
      <h2>Name and address</h2>
      <PremisesFields v-model="form" :field="field" :readonly="!mayManage" />
      <KeepBar v-if="mayManage" action="Keep name and address" :keep="keep" @reload="reload" />
    </form>
    <LogoForm />
    <PlacesForm />
    <OrderFigures />
    <WasteForm />
  </div>
</template>

<style scoped>
.narrow {
  max-width: 860px;
}
</style>
