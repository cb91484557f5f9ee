<script setup lang="ts">
import { computed, ref } from 'vue'
import { asProblem } from '@/shared/api/client'
import type { Account } from '@/shared/api/types'
import { usePin } from '@/shared/session'
import FieldNote from '@/shared/ui/FieldNote.vue'
import FormDialog from '@/shared/ui/FormDialog.vue'

/** One's own four digits, by which one takes a tablet that somebody else is signed in at. */
const props = defineProps<{ account: Account }>()
const emit = defineEmits<{ close: [] }>()
const { mutate, error, isPending } = usePin()
const password = ref('')
const pin = ref('')
const without = ref(false)
const fields = computed(() => asProblem(error.value)?.fields ?? new Map<string, string>())

function send(): void {
  mutate({ password: password.value, pin: without.value ? null : pin.value.trim() }, { onSuccess: () => emit('close') })
}
</script>

<template>
  <FormDialog
    title="Your PIN"
    action="Keep it"
    :error="error"
    :busy="isPending"
    :width="440"
    @send="send"
    @close="emit('close')"
  >
    <p class="muted">
      Four digits by which you take a shared tablet at the bench, after somebody has signed in there. What a lead or a
      manager decides still asks for the password.
    </p>
    <label
      >Your password
      <el-input v-model="password" type="password" autocomplete="current-password" />
      <FieldNote :text="fields.get('/password')" />
    </label>
    <label
      >New PIN
      <el-input
        v-model="pin"
        type="password"
        inputmode="numeric"
        :maxlength="4"
        autocomplete="off"
        :disabled="without"
      />
      <FieldNote :text="fields.get('/pin')" />
    </label>
    <label v-if="props.account.pin" class="row"
      ><input v-model="without" type="checkbox" /> I want no PIN any more</label
    >
  </FormDialog>
</template>
