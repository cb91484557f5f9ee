<script setup lang="ts">
import { ref } from 'vue'
import { Told } from '@/shared/api/client'
import { firstFlaw } from '@/shared/keyboard'
import { useSession } from '@/shared/session'
import DayField from '@/shared/ui/DayField.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import KeepBar from '@/shared/ui/KeepBar.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import WholeField from '@/shared/ui/WholeField.vue'
import { decimalInput } from '@/shared/units'
import ShopNav from './ShopNav.vue'
import { useSettings } from './useSettings'

/** The shop's torque wrenches: an order names the one that holds a figure, and what is past its calibration is said. */
const { mayManage } = useSession()
const { error, isPending, form, keep, reload, field } = useSettings('wrenches')
const told = ref<Told | null>(null)
const usualMonths = 12
const units = { nm: 'N·m', ft_lb: 'ft·lb', in_lb: 'in·lb' } as const

function add(): void {
  form.value?.push({ id: '', fullScale: { value: '', unit: 'nm' }, calibratedOn: '', goodMonths: usualMonths })
}
function send(): void {
  const wrong = firstFlaw()
  told.value = wrong === null ? null : new Told(wrong)
  if (form.value && wrong === null) {
    keep.mutate(
      form.value.map((wrench) => ({
        ...wrench,
        fullScale: { ...wrench.fullScale, value: decimalInput(wrench.fullScale.value) },
      })),
    )
  }
}
const flaw = (place: number): string | undefined =>
  ['/id', '/fullScale', '/fullScale/value', '/calibratedOn', '/goodMonths']
    .map((key) => field(`/${place}${key}`))
    .find(Boolean)
</script>

<template>
  <div class="stack narrow">
    <ShopNav />
    <h1>Torque wrenches</h1>
    <p class="muted">
      A wrench is trusted from a fifth of its full scale up, and for as long as its calibration counts: usually a year,
      less where it is used daily. An order names the one that holds the figure.
      {{ mayManage ? '' : 'The service manager keeps them.' }}
    </p>
    <el-skeleton v-if="isPending" :rows="5" />
    <ProblemNote v-else-if="error && !form" :error="error" />
    <form v-else-if="form" class="panel stack" novalidate @submit.prevent="send">
      <table v-if="form.length > 0" class="plain">
        <thead>
          <tr>
            <th>Name on it</th>
            <th>Full scale</th>
            <th>Calibrated on</th>
            <th>Counts for</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <template v-for="(wrench, place) in form" :key="place">
            <tr>
              <td>
                <input
                  v-model="wrench.id"
                  class="cell"
                  :maxlength="20"
                  :aria-label="`Wrench ${place + 1}, name on it`"
                  :readonly="!mayManage"
                />
              </td>
              <td class="together">
                <input
                  v-model="wrench.fullScale.value"
                  class="cell figure"
                  inputmode="decimal"
                  :aria-label="`Wrench ${place + 1}, full scale`"
                  :readonly="!mayManage"
                />
                <select
                  v-model="wrench.fullScale.unit"
                  class="cell"
                  :aria-label="`Wrench ${place + 1}, unit`"
                  :disabled="!mayManage"
                >
                  <option v-for="(word, unit) in units" :key="unit" :value="unit">{{ word }}</option>
                </select>
              </td>
              <td>
                <DayField
                  v-model="wrench.calibratedOn"
                  :label="`Wrench ${place + 1}, calibrated on`"
                  :readonly="!mayManage"
                />
              </td>
              <td class="together">
                <WholeField
                  v-if="mayManage"
                  :model-value="wrench.goodMonths ?? usualMonths"
                  :label="`Wrench ${place + 1}, months that its calibration counts`"
                  unit="months"
                  :min="1"
                  :max="36"
                  flaw="A calibration counts for 1 to 36 months."
                  @update:model-value="(months) => (wrench.goodMonths = months)"
                />
                <template v-else>{{ wrench.goodMonths ?? usualMonths }} months</template>
              </td>
              <td>
                <button v-if="mayManage" type="button" class="mini together" @click="form.splice(place, 1)">
                  Take it out
                </button>
              </td>
            </tr>
            <tr v-if="flaw(place)">
              <td colspan="5"><FieldNote :text="flaw(place)" /></td>
            </tr>
          </template>
        </tbody>
      </table>
      <p v-else>No wrench is entered.</p>
      <div v-if="mayManage" class="row"><el-button @click="add">Another wrench</el-button></div>
      <KeepBar v-if="mayManage" action="Keep the wrenches" :keep="keep" :told="told" @reload="reload" />
    </form>
  </div>
</template>

<style scoped>
.together {
  white-space: nowrap;
}

.narrow {
  max-width: 860px;
}
</style>
