<script setup lang="ts">
import { computed, ref } from 'vue'
import type { components } from '@/shared/api/schema'
import { answered, api } from '@/shared/api/client'
import { usePress } from '@/shared/api/usePress'
import { useSignIn } from '@/shared/session'
import ProblemNote from '@/shared/ui/ProblemNote.vue'
import { roleWords } from '@/shared/words'

const props = defineProps<{ shop: components['schemas']['Shop'] | null; again?: 'ended' | 'other' }>()
const username = ref('')
const password = ref('')
const { mutate, error, isPending } = useSignIn()
const order = { writer: 0, technician: 1, parts: 2, manager: 3 } as const
const accounts = computed(() => [...(props.shop?.demoAccounts ?? [])].sort((a, b) => order[a.role] - order[b.role]))

const forgotten = usePress({
  mutationFn: (name: string) => answered(api.POST('/api/forgotten-password', { body: { username: name } })),
})

function signIn(): void {
  mutate({ username: username.value, password: password.value })
}
</script>

<template>
  <div class="login">
    <form class="panel stack" @submit.prevent="signIn">
      <div>
        <h1>Fresh Tack</h1>
        <p class="muted">{{ shop?.name ?? '' }}</p>
      </div>
      <p v-if="again" class="band">
        {{ again === 'other' ? 'Somebody else has signed in in this browser.' : 'Your session ended.' }}
        Sign in again: what you typed is still here.
      </p>
      <label>User name <el-input v-model="username" name="username" autocomplete="username" autofocus /></label>
      <label>
        Password
        <el-input v-model="password" name="password" type="password" autocomplete="current-password" show-password />
      </label>
      <ProblemNote :error="error" />
      <el-button type="primary" native-type="submit" size="large" :loading="isPending">Sign in</el-button>
      <p v-if="forgotten.isSuccess.value" role="status" class="small">
        If this account has an e-mail address, a link for a new password is on its way there. If nothing comes, your
        service manager can give you one.
      </p>
      <button
        v-else
        type="button"
        class="mini forgotten"
        :disabled="username.trim() === '' || forgotten.isPending.value"
        :title="username.trim() === '' ? 'Type your user name first.' : undefined"
        @click="forgotten.mutate(username)"
      >
        I have forgotten my password
      </button>
      <ProblemNote :error="forgotten.error.value" />
    </form>
    <aside v-if="accounts.length > 0" class="panel">
      <h2>Demo accounts</h2>
      <p class="muted small">
        All with the password <strong>{{ shop?.demoPassword }}</strong>. Pick one to fill in the form.
      </p>
      <ul>
        <li v-for="account in accounts" :key="account.username">
          <button type="button" @click="((username = account.username), (password = shop?.demoPassword ?? ''))">
            <strong>{{ account.username }}</strong> {{ account.name }}, {{ roleWords[account.role] }}
          </button>
        </li>
      </ul>
    </aside>
  </div>
</template>

<style scoped>
.login {
  display: flex;
  justify-content: center;
  align-items: flex-start;
  gap: 16px;
  padding: 14vh 20px 20px;
  flex-wrap: wrap;
}

form {
  width: 340px;
}

aside {
  width: 340px;
}

.forgotten {
  align-self: start;
}

label {
  font-weight: 600;
}

ul {
  list-style: none;
  padding: 0;
  margin: 10px 0 0;
}

li button {
  font: inherit;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-top: 1px solid var(--line);
  padding: 9px 2px;
  cursor: pointer;
  color: var(--ink);
}

li button:hover {
  background: var(--green-tint);
}
</style>
