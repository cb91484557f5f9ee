<script setup lang="ts">
import type { WorkOrder } from '@/shared/api/types'
import WhyButton from '@/shared/ui/WhyButton.vue'

defineProps<{ work: WorkOrder }>()
</script>

<template>
  <ol class="operations">
    <li v-for="operation in work.operations" :key="operation.id">
      <div class="row head">
        <strong>{{ operation.label }} · {{ operation.title }}</strong>
        <span class="muted small"
          >{{ operation.attendedMin }} min{{
            operation.unattendedMin > 0 ? `, then ${operation.unattendedMin} min waiting` : ''
          }}</span
        >
        <WhyButton :about="operation.title" :text="operation.why">
          <p v-for="step in operation.steps.filter((each) => each.figure !== null)" :key="step.id" class="small">
            <strong>{{ step.figure?.label }} {{ step.figure?.text }}</strong
            ><br />{{ step.figure?.source }}
          </p>
        </WhyButton>
      </div>
      <p v-if="operation.gates.length > 0" class="small muted">Only if {{ operation.gates.join('; ') }}.</p>
      <p v-for="caution in operation.cautions" :key="caution.id" class="small caution">
        <strong>{{ caution.title }}:</strong> {{ caution.text }}
      </p>
      <ul>
        <li v-for="step in operation.steps" :key="step.id">
          {{ step.text }}
          <strong v-if="step.figure" class="figure">{{ step.figure.text }}</strong>
          <span v-if="step.figure?.detail" class="muted small"> {{ step.figure.detail }}</span>
          <span v-if="step.beside" class="muted small"> · {{ step.beside }}</span>
          <span v-if="step.warning" class="small caution"> · {{ step.warning }}</span>
          <ul v-if="step.rows.length > 0" class="rows small">
            <li v-for="row in step.rows" :key="row">{{ row }}</li>
          </ul>
        </li>
      </ul>
    </li>
  </ol>
</template>

<style scoped>
.operations {
  margin: 0;
  padding-left: 26px;
}

.operations > li {
  margin-bottom: 10px;
}

.head {
  gap: 8px;
}

ul {
  margin: 2px 0 0;
  padding-left: 16px;
}

.figure {
  font-size: 16px;
}

.caution {
  color: var(--brass);
}
</style>
