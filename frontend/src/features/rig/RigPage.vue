<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import HoursPlot, { type PlotSeries } from '@/drawing/HoursPlot.vue'
import Transom from '@/drawing/Transom.vue'
import { useSession, useShop } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayInput, dayText, momentText } from '@/shared/units'
import { monthWords, separatorWords, statusWords } from '@/shared/words'
import CalendarBox from './CalendarBox.vue'
import EngineCard from './EngineCard.vue'
import EngineForm from './EngineForm.vue'
import { nextLimit } from '@/shared/engine/plot'
import ReminderForm from './ReminderForm.vue'
import RigGrid from './RigGrid.vue'
import { useRegisterChanged, useRig } from './useRig'

const route = useRoute()
const id = computed(() => Number(route.params['id']))
const { mayWrite, personOf } = useSession()
const { timeZone } = useShop()
const { boat, error, isPending } = useRig(id)
const changed = useRegisterChanged()
const open = ref<'reminder' | 'engine' | null>(null)
const today = dayInput(new Date())
const most = 5

const hung = computed(() =>
  (boat.value?.engines ?? []).map((engine) => ({
    position: engine.position ?? '',
    label: engine.label,
    refused: engine.identification.refusal !== null,
  })),
)
const use = computed(() => {
  const how = boat.value?.use
  return how === undefined
    ? ''
    : [
        `${how.water} water`,
        how.kept,
        ...(how.commercial ? ['commercial'] : []),
        ...(how.idling ? ['long idling'] : []),
        ...(how.silt ? ['silty water'] : []),
        ...(how.sharedLockout ? ['shared keys or batteries'] : []),
        separatorWords[how.separators?.count ?? 'unknown'],
        how.months.length === 12 ? 'all year' : how.months.map((month) => monthWords[month - 1]).join(' '),
      ].join(', ')
})
const series = computed<PlotSeries[]>(() =>
  (boat.value?.engines ?? []).map((engine) => ({
    label: `${engine.label} ${engine.hours === null ? '' : `${engine.totalHours} h`}`,
    points: (boat.value?.readings.find((each) => each.engineId === engine.id)?.readings ?? []).map((reading) => ({
      on: reading.on,
      total: reading.total,
      estimate: reading.source === 'estimate',
    })),
    ahead: nextLimit(engine),
  })),
)

async function done(): Promise<void> {
  open.value = null
  await changed()
}
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error && !boat" :error="error" />
  <div v-else-if="boat" class="stack">
    <header class="row spread">
      <div class="row">
        <Transom :engines="hung" />
        <div>
          <h1>{{ boat.name }} · {{ boat.kind }}</h1>
          <p class="muted">
            <template v-if="boat.registration">{{ boat.registration }} · </template>
            <RouterLink :to="`/customers/${boat.customerId}`">{{ boat.customer }}</RouterLink>
            {{ boat.owner.phone ? `· ${boat.owner.phone}` : '' }}
          </p>
          <p class="muted small">{{ use }}</p>
        </div>
      </div>
      <div v-if="mayWrite" class="row">
        <RouterLink :to="`/boats/${boat.id}/edit`">Edit</RouterLink>
        <el-button @click="open = 'reminder'">Remind the owner</el-button>
        <RouterLink v-if="boat.engines.length" :to="`/boats/${boat.id}/check-in`" class="go">Check in</RouterLink>
      </div>
    </header>
    <p v-if="boat.openOrder" class="band row spread">
      <strong>This boat is in with an open order.</strong>
      <RouterLink :to="`/orders/${boat.openOrder}`">Go to order {{ boat.openOrder }}</RouterLink>
    </p>
    <p v-if="boat.visit" class="band fine">
      <strong v-if="boat.visit.on <= today">She should come in now:</strong>
      <strong v-else>Best next visit: around {{ dayText(boat.visit.on) }},</strong>
      {{ boat.visit.tasks }} {{ boat.visit.tasks === 1 ? 'task is' : 'tasks are' }} ripe together{{
        boat.engines.length > 1 ? ', all engines counted' : ''
      }}.
    </p>
    <p v-if="boat.engines.length === 0" class="panel">No engine hangs on this boat.</p>
    <RigGrid
      v-if="boat.engines.length > 1"
      :engines="boat.engines"
      :boat-name="boat.name"
      :may-write="mayWrite"
      @changed="changed"
    />
    <EngineCard
      v-for="engine in boat.engines.length === 1 ? boat.engines : []"
      :key="engine.id"
      :engine="engine"
      :boat-name="boat.name"
      :may-write="mayWrite"
      class="one"
      @changed="changed"
    />
    <p v-if="mayWrite && boat.engines.length < most">
      <button type="button" class="mini" @click="open = 'engine'">Add an engine</button>
    </p>
    <section v-if="boat.engines.length" class="panel">
      <h2>Hours, and when the next limit will be reached</h2>
      <HoursPlot :series="series" :today="today" />
    </section>
    <div class="two">
      <section class="panel">
        <h2>Orders</h2>
        <p v-if="boat.orders.length === 0" class="muted">None yet.</p>
        <table v-else class="plain">
          <tbody>
            <tr v-for="order in boat.orders" :key="order.number">
              <td>
                <RouterLink :to="`/orders/${order.number}`">Order {{ order.number }}</RouterLink>
              </td>
              <td>{{ statusWords[order.status] }}</td>
              <td class="muted">{{ momentText(order.openedAt, timeZone) }}, {{ personOf(order.openedBy) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
      <section v-if="mayWrite" class="panel stack">
        <h2>Reminders</h2>
        <p v-if="boat.messages.length === 0" class="muted">Nothing was written to the owner yet.</p>
        <table v-else class="plain">
          <tbody>
            <tr v-for="message in boat.messages.slice(0, 5)" :key="message.id">
              <td>{{ momentText(message.writtenAt, timeZone) }}</td>
              <td>{{ message.subject }}</td>
              <td>{{ message.failure ? 'not sent' : 'sent' }}</td>
            </tr>
          </tbody>
        </table>
        <h3>Calendar of this boat</h3>
        <CalendarBox :boat-id="boat.id" :token="boat.calendar" @renewed="changed" />
      </section>
    </div>
    <ReminderForm v-if="open === 'reminder'" :boat="boat" @close="open = null" @sent="done" />
    <EngineForm
      v-else-if="open === 'engine'"
      :engine="null"
      :boat="{ id: boat.id, name: boat.name, taken: boat.engines.map((engine) => engine.position ?? '') }"
      @close="open = null"
      @kept="done"
    />
  </div>
</template>

<style scoped>
.one {
  max-width: 620px;
}
</style>
