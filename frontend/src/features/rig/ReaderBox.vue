<script setup lang="ts">
import { computed, ref } from 'vue'
import RunningProfile from '@/drawing/RunningProfile.vue'
import { answered, api, asProblem } from '@/shared/api/client'
import type { EngineIdentity } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { dayText } from '@/shared/units'

/** Asks the engine reader, and shows what it told. It may be slow, off or wrong: then nothing is kept, and that is said. */
const props = defineProps<{ engine: EngineIdentity }>()
const emit = defineEmits<{ close: []; kept: [] }>()
const sure = ref(false)
const ask = usePress({
  mutationFn: () =>
    answered(
      api.POST('/api/engines/{id}/reader', { params: { path: { id: props.engine.id } }, body: { sure: sure.value } }),
    ),
  onSuccess: () => {
    emit('kept')
  },
})
const problem = computed(() => asProblem(ask.error.value))
ask.mutate()
</script>

<template>
  <el-dialog
    :model-value="true"
    :title="`Engine reader: ${engine.model} ${engine.serial}`"
    width="560"
    append-to-body
    @close="emit('close')"
  >
    <p v-if="ask.isPending.value" role="status">Asking the engine reader … it may take some seconds.</p>
    <div v-else-if="problem" class="band stop" role="alert">
      <strong>{{ problem.message }}</strong>
      <label v-if="problem.details.canBeConfirmed" class="row"
        ><input v-model="sure" type="checkbox" /> Read again: it is right.</label
      >
    </div>
    <div v-else-if="ask.data.value" class="stack">
      <p class="band fine" role="status">
        <strong>{{ ask.data.value.hours }} h</strong> on {{ dayText(ask.data.value.on) }}: kept as a reading.
      </p>
      <RunningProfile :bands="ask.data.value.bands" />
      <p v-if="ask.data.value.mostlyIdling" class="band">
        At least half of the time below 1,000 revolutions a minute: long idling. If that is how this boat is used, say
        so on its page: the sheet may propose shorter intervals.
      </p>
      <table v-if="ask.data.value.faults.length" class="plain">
        <thead>
          <tr>
            <th>Fault</th>
            <th>What it means</th>
            <th class="number">times</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="fault in ask.data.value.faults" :key="fault.code">
            <td>
              <strong>{{ fault.code }}</strong>
            </td>
            <td>{{ fault.text }}</td>
            <td class="number">{{ fault.count }}</td>
          </tr>
        </tbody>
      </table>
      <p v-else class="muted">No fault codes.</p>
    </div>
    <template #footer>
      <el-button v-if="problem" :loading="ask.isPending.value" @click="ask.mutate()">Ask again</el-button>
      <el-button type="primary" @click="emit('close')">Close</el-button>
    </template>
  </el-dialog>
</template>
