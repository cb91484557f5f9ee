<script setup lang="ts">
import { useSession } from '@/shared/session'
import FieldNote from '@/shared/ui/FieldNote.vue'
import KeepBar from '@/shared/ui/KeepBar.vue'
import { useSettings } from './useSettings'

/** Where what usually goes: it stands ready at the close of an order. */
const { mayManage } = useSession()
const { settings, form, keep, reload, field } = useSettings('waste')
</script>

<template>
  <form v-if="form && settings" class="panel stack" @submit.prevent="keep.mutate(form)">
    <h2>Waste containers</h2>
    <p class="muted small">Stands ready at the close of an order; what is left empty is asked for there.</p>
    <div v-for="{ kind, label } in settings.wasteKinds" :key="kind" class="line">
      <label :for="`waste-${kind}`">{{ label }}</label>
      <input
        :id="`waste-${kind}`"
        class="cell wide"
        :maxlength="80"
        :value="form[kind] ?? ''"
        :readonly="!mayManage"
        @input="form[kind] = ($event.target as HTMLInputElement).value || null"
      />
      <FieldNote :text="field(`/${kind}`)" />
    </div>
    <KeepBar v-if="mayManage" action="Keep the containers" :keep="keep" @reload="reload" />
  </form>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 220px 1fr;
  gap: 4px 16px;
  align-items: center;
}
</style>
