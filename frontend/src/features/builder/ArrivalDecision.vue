<script setup lang="ts">
import { computed, ref } from 'vue'
import { vFlaw } from '@/shared/keyboard'

/** What was found about a level above the mark on arrival; the oil is not changed before somebody knows. */
const props = defineProps<{ label: string; decision: string | null }>()
const emit = defineEmits<{ decide: [text: string] }>()
const text = ref(props.decision ?? '')
const unwritten = computed(() =>
  text.value.trim() === (props.decision ?? '')
    ? null
    : 'what was found is typed and not written down. Press “Write it down”.',
)
</script>

<template>
  <form class="decision" novalidate @submit.prevent="emit('decide', text.trim())">
    <label>
      What was found, {{ label.toLowerCase() }}
      <textarea v-model="text" v-flaw="unwritten" rows="2" maxlength="500" required></textarea>
    </label>
    <el-button native-type="submit" size="small" :disabled="text.trim() === ''">Write it down</el-button>
  </form>
</template>

<style scoped>
.decision {
  margin-top: 6px;
}

textarea {
  display: block;
  width: 100%;
  font: inherit;
  border: 1px solid var(--field-line);
  border-radius: 3px;
  margin-bottom: 4px;
}
</style>
