<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import { useSignIn } from '@/shared/session'
import LabelledField from '@/shared/ui/LabelledField.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'

/** A link that a manager gave, or that was mailed: its owner sets a password that nobody else ever knows. */
const route = useRoute()
const router = useRouter()
const token = String(route.params['token'])
const { data, error, isPending } = useQuery({
  queryKey: ['password-link', token],
  queryFn: () => answered(api.POST('/api/password-link', { body: { token } })),
  staleTime: Infinity,
  retry: false,
})
const password = ref('')
const signIn = useSignIn()
const set = usePress({
  mutationFn: () => answered(api.PUT('/api/password-link', { body: { token, password: password.value } })),
})
const field = fieldsOf(set.error)

async function send(): Promise<void> {
  const owner = await set.mutateAsync().catch(() => null)
  if (owner !== null) {
    await signIn.mutateAsync({ username: owner.username, password: password.value }).catch(() => null)
    await router.replace('/')
  }
}
</script>

<template>
  <main class="login">
    <p v-if="isPending" role="status">Looking at the link …</p>
    <div v-else-if="error && !data" class="panel stack">
      <h1>Your password</h1>
      <ProblemNote :error="error" />
      <RouterLink to="/" class="go">Go to the sign-in</RouterLink>
    </div>
    <form v-else-if="data" class="panel stack" novalidate @submit.prevent="send">
      <h1>Your password</h1>
      <p>
        {{ data.name }}, you sign in as <strong>{{ data.username }}</strong>.
      </p>
      <input type="hidden" name="username" autocomplete="username" :value="data.username" />
      <LabelledField
        label="New password"
        for="new-password"
        hint="At least ten characters. Three words that have nothing to do with each other are a good one."
        :error="field('/password')"
      >
        <el-input id="new-password" v-model="password" type="password" autocomplete="new-password" show-password />
      </LabelledField>
      <ProblemNote :error="set.error.value ?? signIn.error.value" unshown />
      <el-button type="primary" native-type="submit" size="large" :loading="set.isPending.value">
        Set it and sign in
      </el-button>
    </form>
  </main>
</template>

<style scoped>
.login {
  display: flex;
  justify-content: center;
  padding: 14vh 20px 20px;
}

.panel {
  width: 400px;
}
</style>
