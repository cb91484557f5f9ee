<script setup lang="ts">
import type { WorkOrder } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'
import { minutesText } from '@/shared/units'

defineProps<{ work: WorkOrder }>()
</script>

<template>
  <table class="plain">
    <thead>
      <tr>
        <th>Operation</th>
        <th>Engine</th>
        <th class="number">Hands-on</th>
        <th class="number">Then waiting</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="operation in work.operations" :key="operation.id">
        <td>{{ operation.title }} <WhyButton :about="operation.title" :text="operation.why" /></td>
        <td>{{ operation.label }}</td>
        <td class="number">{{ operation.attendedMin }} min</td>
        <td class="number">{{ operation.unattendedMin > 0 ? `${operation.unattendedMin} min` : '' }}</td>
      </tr>
      <tr>
        <td colspan="2"><strong>Together, each cover opened once</strong></td>
        <td class="number">
          <strong>{{ minutesText(work.labour.handsOnMin) }}</strong>
        </td>
        <td class="number">{{ minutesText(work.labour.unattendedMin) }}</td>
      </tr>
    </tbody>
  </table>
</template>
