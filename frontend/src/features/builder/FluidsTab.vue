<script setup lang="ts">
import { computed } from 'vue'
import ContainerShelf from '@/drawing/ContainerShelf.vue'
import type { WorkSketch } from '@/shared/api/types'
import { pickWords } from '@/shared/cart'
import WhyButton from '@/shared/ui/WhyButton.vue'

const props = defineProps<{ work: WorkSketch }>()
const lubricants = computed(() => props.work.lubricants ?? [])
const counted = computed(() => lubricants.value.filter((pool) => pool.need !== null))
const ready = computed(() => lubricants.value.filter((pool) => pool.need === null))
</script>

<template>
  <div class="stack">
    <table v-if="work.oil.length > 0" class="plain">
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
    <section v-for="pool in counted" :key="pool.name">
      <div class="row">
        <h3>Pull {{ pool.name }} for {{ pool.positions.join(' and ') }}: {{ pool.need?.text }}</h3>
        <WhyButton :about="`Need of ${pool.name}`" :text="pool.why" />
      </div>
      <ContainerShelf v-if="pool.plan" :plan="pool.plan" />
      <p v-else class="band stop">{{ pool.shortage }}</p>
    </section>
    <section v-if="ready.length > 0">
      <h3>Lies ready, not counted</h3>
      <ul class="ready">
        <li v-for="pool in ready" :key="pool.name">
          <strong>{{ pool.name }}</strong> for {{ pool.positions.join(', ') }}: {{ pool.uses.join('; ').toLowerCase()
          }}{{ pool.plan ? `. Take ${pool.plan.picks.map(pickWords).join(', ')}, or one in use already` : '' }}
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.ready {
  margin: 4px 0 0;
  padding-left: 20px;
}
</style>
