<script setup lang="ts">
import { computed, ref } from 'vue'
import { Told } from '@/shared/api/client'
import { firstFlaw } from '@/shared/keyboard'
import { useSession } from '@/shared/session'
import AirField from '@/shared/ui/AirField.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import KeepBar from '@/shared/ui/KeepBar.vue'
import { monthWords } from '@/shared/words'
import { useSettings } from './useSettings'

/** The air of each month: a check-in is filled in from it, and the grade of oil hangs on it. Until then, nothing stands there. */
const { mayManage } = useSession()
const unknown = Array.from({ length: 12 }, () => ({ coldest: Number.NaN, warmest: Number.NaN }))
const { form, keep, reload, field } = useSettings('season', unknown)
const flaws = computed(() => monthWords.map((_, month) => field(`/${month}/warmest`) ?? field(`/${month}/coldest`)))

const flaw = ref<Told | null>(null)

function send(): void {
  const wrong = firstFlaw()
  flaw.value = wrong === null ? null : new Told(wrong)
  if (form.value && wrong === null) {
    keep.mutate(form.value)
  }
}
</script>

<template>
  <form v-if="form" class="panel stack" novalidate @submit.prevent="send">
    <h2>The season: air, month by month</h2>
    <p class="muted small">
      The coldest and the warmest air that an engine meets here. A check-in takes from it the months in which the boat
      is used; the grade of oil hangs on it.
    </p>
    <div class="months">
      <span></span><strong>coldest</strong><strong>warmest</strong>
      <template v-for="(word, month) in monthWords" :key="word">
        <strong>{{ word }}</strong>
        <span><AirField v-model="form[month]!.coldest" :label="`${word}, coldest`" /></span>
        <span>
          <AirField v-model="form[month]!.warmest" :label="`${word}, warmest`" />
          <FieldNote :text="flaws[month]" />
        </span>
      </template>
    </div>
    <KeepBar v-if="mayManage" action="Keep the season" :keep="keep" :told="flaw" @reload="reload" />
  </form>
</template>

<style scoped>
.months {
  display: grid;
  grid-template-columns: 60px 1fr 1fr;
  max-width: 520px;
  gap: 6px 12px;
  align-items: center;
}
</style>
