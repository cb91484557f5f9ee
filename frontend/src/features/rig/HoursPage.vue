<script setup lang="ts">
import { answered, api } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import ImportBox from '@/shared/files/ImportBox.vue'
import { useImport } from '@/shared/files/useImport'
import { useSession } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { dayText } from '@/shared/units'
import RigNav from './RigNav.vue'
import { useRegisterChanged } from './useRig'

/** Many readings at once: from a file, or from the folder into which the engine reader puts its reports. */
const { mayWrite } = useSession()
const changed = useRegisterChanged()
const taking = useImport((file, apply, token) =>
  answered(
    api.POST('/api/hours/imports', {
      params: { query: { apply, token } },
      body: file as never,
      bodySerializer: (body) => body,
      headers: { 'Content-Type': 'text/csv' },
    }),
  ),
)
const collect = usePress({
  mutationFn: () => answered(api.POST('/api/hours/collections')),
  onSuccess: changed,
})
async function apply(): Promise<void> {
  await taking.apply()
  await changed()
}
</script>

<template>
  <div class="stack">
    <RigNav :may-write="mayWrite" />
    <p v-if="!mayWrite" class="panel">Readings of single engines are entered on their rig’s page.</p>
    <div v-else class="two">
      <section class="panel stack" aria-label="Readings from a file">
        <h1>From a file</h1>
        <p class="muted small">
          CSV with the columns <code>serial,date,hours</code>: the day as 2026-03-18, hours as the meter shows them.
          First you see what it gives. A reading in doubt is refused with its row; enter that one by hand, where the
          question can be answered.
        </p>
        <ImportBox
          :taking="taking"
          accept=".csv,text/csv"
          label="File of readings"
          :count="taking.preview.value?.new ?? 0"
          @apply="apply"
        >
          <p v-if="taking.preview.value">
            {{ taking.preview.value.new }} new, {{ taking.preview.value.same }} known already.
          </p>
          <table v-if="taking.preview.value?.readings.length" class="plain">
            <tbody>
              <tr v-for="reading in taking.preview.value.readings.slice(0, 12)" :key="reading.row">
                <td class="muted small">row {{ reading.row }}</td>
                <td>
                  <strong>{{ reading.serial }}</strong>
                </td>
                <td>{{ dayText(reading.on) }}</td>
                <td class="number">{{ reading.hours }} h</td>
              </tr>
            </tbody>
          </table>
        </ImportBox>
      </section>
      <section class="panel stack" aria-label="From the engine reader’s folder">
        <h2>From the engine reader’s folder</h2>
        <p class="muted small">
          Reports that the reader has put into the shop’s folder <code>reader/in</code>. Each is taken by itself; one
          that makes no sense is put aside with the reason.
        </p>
        <p>
          <el-button :loading="collect.isPending.value" @click="collect.mutate()">Take in what lies there</el-button>
        </p>
        <ProblemNote :error="collect.error.value" />
        <p v-if="collect.data.value?.files.length === 0" role="status">The folder is empty.</p>
        <table v-else-if="collect.data.value" class="plain" role="status">
          <tbody>
            <tr v-for="file in collect.data.value.files" :key="file.name">
              <td>{{ file.name }}</td>
              <td>
                <span v-if="file.taken"><span class="mark-word good">taken</span> {{ file.taken }}</span>
                <span v-else><span class="mark-word alarm">put aside</span> {{ file.refused }}</span>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
  </div>
</template>
