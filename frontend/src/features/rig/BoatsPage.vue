<script setup lang="ts">
import { computed } from 'vue'
import { useBoardAnswer } from '@/shared/board'
import ProblemNote from '@/shared/ui/ProblemNote.vue'

const { board, error, isPending } = useBoardAnswer()
const boats = computed(() => [...(board.value?.boats ?? [])].sort((a, b) => a.name.localeCompare(b.name)))
</script>

<template>
  <el-skeleton v-if="isPending" :rows="6" />
  <ProblemNote v-else-if="error" :error="error" />
  <section v-else class="panel">
    <h1>Rigs</h1>
    <table class="plain">
      <thead>
        <tr>
          <th>Boat</th>
          <th>Owner</th>
          <th>Registration</th>
          <th>Engines</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="boat in boats" :key="boat.id">
          <td>
            <RouterLink :to="`/boats/${boat.id}`"
              ><strong>{{ boat.name }}</strong></RouterLink
            >
            <span class="muted"> · {{ boat.kind }}</span>
          </td>
          <td>{{ boat.customer }}</td>
          <td>{{ boat.registration }}</td>
          <td>{{ boat.engines.map((engine) => `${engine.model} ${engine.serial}`).join(', ') }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
