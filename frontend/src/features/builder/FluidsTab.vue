<script setup lang="ts">
import ContainerShelf from '@/drawing/ContainerShelf.vue'
import type { WorkOrder } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'

defineProps<{ work: WorkOrder }>()
</script>

<template>
  <div class="stack">
    <table class="plain">
      <thead>
        <tr>
          <th>Engine</th>
          <th>Grade</th>
          <th>With filter</th>
          <th>Without filter</th>
          <th>Used here</th>
          <th>First pour</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="engine in work.engines.filter((each) => each.oil !== null)" :key="engine.position">
          <td>
            <strong>{{ engine.label }}</strong>
          </td>
          <td>{{ engine.oil?.grade }}, {{ engine.oil?.performanceClass }}</td>
          <td>{{ engine.oil?.capacityWithFilter?.text ?? '–' }}</td>
          <td>{{ engine.oil?.capacityWithoutFilter?.text ?? '–' }}</td>
          <td>
            <strong>{{ engine.oil?.capacity.text }}</strong>
          </td>
          <td>{{ engine.oil?.firstPour.text }}</td>
          <td>
            <WhyButton
              :about="`Oil, ${engine.label}`"
              :text="`${engine.oil?.gradeWhy ?? ''} ${engine.oil?.why ?? ''}`"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <section v-for="pool in work.oil" :key="pool.grade">
      <div class="row">
        <h3>Pull {{ pool.grade }} for {{ pool.positions.join(' and ') }}: {{ pool.need.text }}</h3>
        <WhyButton :about="`Need of ${pool.grade}`" :text="pool.why" />
      </div>
      <ContainerShelf v-if="pool.plan" :plan="pool.plan" />
      <p v-else class="band stop">{{ pool.shortage }}</p>
      <p class="band">{{ pool.trap }} Read the unit on the container.</p>
    </section>
  </div>
</template>
