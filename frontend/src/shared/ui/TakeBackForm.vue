<script setup lang="ts">
import { ref } from 'vue'
import FormDialog from './FormDialog.vue'
import LabelledField from './LabelledField.vue'

/** Takes something back. Why is asked for, since it stands in the log with who and when. */
defineProps<{ title: string; action: string; reasons: string[]; error: unknown; busy: boolean }>()
const emit = defineEmits<{ take: [why: string]; close: [] }>()
const why = ref('')
</script>

<template>
  <FormDialog
    :title="title"
    :action="action"
    :error="error"
    :busy="busy"
    leave="Leave it as it is"
    @send="emit('take', why.trim())"
    @close="emit('close')"
  >
    <slot />
    <LabelledField label="Why" for="take-back-why" hint="It stands in the log, with your name and the time.">
      <input id="take-back-why" v-model="why" class="cell wide" required maxlength="300" />
    </LabelledField>
    <p class="row">
      <button v-for="reason in reasons" :key="reason" type="button" class="mini" @click="why = reason">
        {{ reason }}
      </button>
    </p>
  </FormDialog>
</template>
