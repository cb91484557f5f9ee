<script setup lang="ts">
import { ref } from 'vue'
import type { Book } from '@/shared/api/types'

/** An open order that froze a value which the book has changed since: keep it, or make the order anew. */
defineProps<{ flag: Book['flags'][number]; mayManage: boolean; working: boolean }>()
const emit = defineEmits<{ decide: [renew: boolean, reason: string] }>()
const reason = ref('')
</script>

<template>
  <li>
    <span class="mark-word alarm">open order</span>
    <div>
      <strong
        >Order <RouterLink :to="`/orders/${flag.order}`">{{ flag.order }}</RouterLink></strong
      >, {{ flag.position }} engine: {{ flag.sheet }} went from rev. {{ flag.from }} to rev. {{ flag.to }}.
      <ul>
        <li v-for="difference in flag.differences" :key="difference.path" class="change">
          {{ difference.label }}: <s>{{ difference.before || 'not known' }}</s> →
          <strong>{{ difference.after || 'not known any more' }}</strong>
        </li>
      </ul>
    </div>
    <form v-if="mayManage" class="stack tight" @submit.prevent="emit('decide', true, reason)">
      <input v-model="reason" class="cell" aria-label="Reason" placeholder="reason, for the record" />
      <span class="row">
        <el-button size="small" type="primary" native-type="submit" :loading="working" :disabled="reason.trim() === ''"
          >Make anew</el-button
        >
        <el-button
          size="small"
          :loading="working"
          :disabled="reason.trim() === ''"
          @click="emit('decide', false, reason)"
          >Keep as frozen</el-button
        >
      </span>
    </form>
  </li>
</template>

<style scoped>
ul {
  margin: 2px 0 0;
  padding-left: 16px;
}

li.change {
  display: list-item;
  border: 0;
  padding: 0;
}

.tight {
  gap: 6px;
}
</style>
