<script setup lang="ts">
import { ref } from 'vue'

/** “Not done” needs a reason. */
defineProps<{ must: boolean; sending: boolean }>()
const emit = defineEmits<{ cancel: []; reason: [text: string] }>()
const text = ref('')
</script>

<template>
  <form class="could-not" @submit.prevent="emit('reason', text)">
    <label>
      Why could it not be done?
      <input v-model="text" class="field" maxlength="500" required />
    </label>
    <p v-if="must" class="band stop">Without this step the engine is not released. It can be entered again later.</p>
    <div class="row">
      <button type="button" class="big" @click="emit('cancel')">Leave it</button>
      <button type="submit" class="big main" :disabled="sending || text.trim() === ''">Enter the reason</button>
    </div>
  </form>
</template>

<style scoped>
.could-not {
  padding: 12px 20px 18px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.field {
  width: 100%;
  font-size: 19px;
}
</style>
