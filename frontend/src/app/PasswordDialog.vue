<script setup lang="ts">
import { computed, ref } from 'vue'
import { asProblem } from '@/shared/api/client'
import type { Account } from '@/shared/api/types'
import { useOwnPassword } from '@/shared/session'
import FieldNote from '@/shared/ui/FieldNote.vue'
import FormDialog from '@/shared/ui/FormDialog.vue'

/** One's own password; who is signed in with the old one elsewhere is signed out. */
const props = defineProps<{ account: Account }>()
const emit = defineEmits<{ close: [] }>()
const { mutate, error, isPending } = useOwnPassword()
const password = ref('')
const newPassword = ref('')
const fields = computed(() => asProblem(error.value)?.fields ?? new Map<string, string>())

function send(): void {
  mutate(
    { username: props.account.username, password: password.value, newPassword: newPassword.value },
    { onSuccess: () => emit('close') },
  )
}
</script>

<template>
  <FormDialog
    title="Your password"
    action="Keep it"
    :error="error"
    :busy="isPending"
    :width="440"
    @send="send"
    @close="emit('close')"
  >
    <p class="muted">Wherever you are signed in with the old one, you are signed out; here you stay.</p>
    <label
      >Your password of now
      <el-input v-model="password" type="password" autocomplete="current-password" />
      <FieldNote :text="fields.get('/password')" />
    </label>
    <label
      >New password
      <el-input v-model="newPassword" type="password" autocomplete="new-password" show-password />
      <FieldNote :text="fields.get('/newPassword')" />
    </label>
  </FormDialog>
</template>
