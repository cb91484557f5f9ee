<script setup lang="ts">
import { computed, ref } from 'vue'
import { firstDayOfWeek } from '@/shared/days'
import { useSession } from '@/shared/session'
import DayField from '@/shared/ui/DayField.vue'
import FieldNote from '@/shared/ui/FieldNote.vue'
import KeepBar from '@/shared/ui/KeepBar.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayText } from '@/shared/units'
import { useSettings } from './useSettings'

/** When hands can work: what a ready time counts. Waits go on through the night. */
const { mayManage } = useSession()
const names = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
/** By their place in the week as it is kept, in the order of the country's calendars. */
const days = computed(() => names.map((_name, place) => (place + firstDayOfWeek() - 1) % 7))
const usual = { week: [...Array.from({ length: 5 }, () => ['08:00', '17:00']), null, null], closed: [] as string[] }
const { error, isPending, form, keep, reload, field } = useSettings('hours', usual)
const closing = ref('')

function turn(day: number, on: boolean): void {
  if (form.value) {
    form.value.week[day] = on ? ['08:00', '17:00'] : null
  }
}
function close(): void {
  if (form.value && closing.value !== '') {
    form.value.closed = [...new Set([...form.value.closed, closing.value])].sort()
    closing.value = ''
  }
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="7" />
  <ProblemNote v-else-if="error && !form" :error="error" />
  <form v-else-if="form" class="panel stack" novalidate @submit.prevent="keep.mutate(form)">
    <h2>Working hours</h2>
    <p class="muted small">A ready time counts them. Rests and drips go on through the night.</p>
    <div v-for="day in days" :key="day" class="line">
      <label class="row">
        <input
          type="checkbox"
          :checked="form.week[day] !== null"
          :disabled="!mayManage"
          @change="turn(day, ($event.target as HTMLInputElement).checked)"
        />
        {{ names[day] }}
      </label>
      <template v-if="form.week[day]">
        <span>
          <input
            v-model="form.week[day]![0]"
            class="cell time"
            placeholder="08:00"
            :aria-label="`${names[day]}, from`"
            :readonly="!mayManage"
          />
          to
          <input
            v-model="form.week[day]![1]"
            class="cell time"
            placeholder="17:00"
            :aria-label="`${names[day]}, to`"
            :readonly="!mayManage"
          />
          <FieldNote :text="field(`/week/${day}/0`) ?? field(`/week/${day}/1`)" />
        </span>
      </template>
      <span v-else class="muted">closed</span>
    </div>
    <h3>Closed all the same</h3>
    <ul v-if="form.closed.length > 0" class="closed">
      <li v-for="(day, place) in form.closed" :key="day" class="row">
        {{ dayText(day) }}
        <button
          v-if="mayManage"
          type="button"
          class="mini"
          :aria-label="`Take it out: ${dayText(day)}`"
          @click="form.closed.splice(place, 1)"
        >
          Take it out
        </button>
      </li>
    </ul>
    <p v-else class="muted small">No day is entered: holidays count as working days.</p>
    <div v-if="mayManage" class="row">
      <DayField v-model="closing" label="A day on which the shop is closed" />
      <el-button :disabled="closing === ''" @click="close">Close on this day</el-button>
    </div>
    <KeepBar v-if="mayManage" action="Keep the hours" :keep="keep" @reload="reload" />
  </form>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 140px 1fr;
  align-items: center;
  min-height: 34px;
}

.time {
  width: 70px;
}

.closed {
  list-style: none;
  margin: 0;
  padding: 0;
  columns: 2;
}
</style>
