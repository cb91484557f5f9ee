<script setup lang="ts">
import { computed } from 'vue'
import { firstFlaw } from '@/shared/keyboard'
import { useSession } from '@/shared/session'
import FieldNote from '@/shared/ui/FieldNote.vue'
import KeepBar from '@/shared/ui/KeepBar.vue'
import WholeField from '@/shared/ui/WholeField.vue'
import { useSettings } from './useSettings'

/** The figures that orders are made with, each with its unit, its limits and its reason. */
const { mayManage } = useSession()
const { settings, form, keep, reload, field } = useSettings('orders')
const grades = computed({
  get: () => form.value?.prefersGrades.join(', ') ?? '',
  set: (typed) => {
    if (form.value) {
      form.value.prefersGrades = typed
        .split(',')
        .map((grade) => grade.trim())
        .filter((grade) => grade !== '')
    }
  },
})
function send(): void {
  if (form.value && firstFlaw() === null) {
    keep.mutate(form.value)
  }
}
</script>

<template>
  <form v-if="form && settings" class="panel stack" novalidate @submit.prevent="send">
    <h2>Figures that orders are made with</h2>
    <p class="muted small">Orders that are issued stay as they are.</p>
    <dl>
      <template v-for="figure in settings.figures" :key="figure.name">
        <dt>
          <label :for="`figure-${figure.name}`">{{ figure.label }}</label>
        </dt>
        <dd>
          <WholeField
            v-if="mayManage"
            :id="`figure-${figure.name}`"
            v-model="form[figure.name]"
            :label="figure.label"
            :unit="figure.unit"
            :min="figure.least"
            :max="figure.most"
            :flaw="`A whole number from ${figure.least} to ${figure.most}.`"
          />
          <template v-else>{{ form[figure.name] }} {{ figure.unit }}</template>
          <p class="muted small">
            {{ figure.why }} Usual: {{ figure.standard }}; from {{ figure.least }} to {{ figure.most }}.
          </p>
          <FieldNote :text="field(`/${figure.name}`)" />
        </dd>
      </template>
      <dt><label for="figure-grades">Grades the shop likes best</label></dt>
      <dd>
        <input id="figure-grades" v-model.lazy="grades" class="cell wide" :readonly="!mayManage" />
        <p class="muted small">
          The most liked first, with commas between, such as 10W-40, 10W-30. A sheet’s own word goes before it.
        </p>
        <FieldNote :text="field('/prefersGrades')" />
      </dd>
    </dl>
    <KeepBar v-if="mayManage" action="Keep the figures" :keep="keep" @reload="reload" />
  </form>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 220px 1fr;
  gap: 10px 16px;
  margin: 0;
}

dt {
  font-weight: 600;
}

dd {
  margin: 0;
}
</style>
