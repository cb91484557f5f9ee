<script setup lang="ts">
import { useSession } from '@/shared/session'
import FieldNote from '@/shared/ui/FieldNote.vue'
import KeepBar from '@/shared/ui/KeepBar.vue'
import { placeWords } from '@/shared/words'
import { useSettings } from './useSettings'

/** Where the shop works: a check-in offers nothing else, and the first one to begin with. */
const { mayManage } = useSession()
const { form, keep, reload, field } = useSettings('places')
const all = Object.keys(placeWords) as (keyof typeof placeWords)[]

function turn(place: keyof typeof placeWords, on: boolean): void {
  const chosen = new Set(form.value)
  chosen[on ? 'add' : 'delete'](place)
  form.value = all.filter((each) => chosen.has(each))
}
</script>

<template>
  <form v-if="form" class="panel stack" @submit.prevent="keep.mutate(form)">
    <h2>Where the work is done</h2>
    <fieldset class="row">
      <legend class="muted small">A check-in offers these.</legend>
      <label v-for="place in all" :key="place" class="row">
        <input
          type="checkbox"
          :checked="form.includes(place)"
          :disabled="!mayManage"
          @change="turn(place, ($event.target as HTMLInputElement).checked)"
        />
        {{ placeWords[place] }}
      </label>
    </fieldset>
    <FieldNote :text="field('')" />
    <KeepBar v-if="mayManage" action="Keep the places" :keep="keep" @reload="reload" />
  </form>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  gap: 20px;
}
</style>
