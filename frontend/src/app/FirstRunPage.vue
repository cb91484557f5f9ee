<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { answered, api, fieldsOf } from '@/shared/api/client'
import { keys } from '@/shared/api/keys'
import type { Premises } from '@/shared/api/types'
import { usePress } from '@/shared/api/usePress'
import { focusFirstBad } from '@/shared/keyboard'
import { zoneHere } from '@/shared/places'
import { useSignIn } from '@/shared/session'
import LabelledField from '@/shared/ui/LabelledField.vue'
import PremisesFields from '@/shared/ui/PremisesFields.vue'
import ProblemNote from '@/shared/ui/ProblemNote.vue'

/** Nobody has opened a shop here yet: whoever has the code of the terminal does, and becomes its first manager. */
const router = useRouter()
const queries = useQueryClient()
const code = ref('')
const shop = ref<Premises>({
  name: '',
  address: null,
  phone: null,
  email: null,
  country: null,
  timeZone: zoneHere,
  currency: '',
  paper: null,
})
const manager = ref({ name: '', username: '', password: '' })
const signIn = useSignIn()
const open = usePress({
  mutationFn: () =>
    answered(api.POST('/api/first-run', { body: { code: code.value, shop: shop.value, manager: manager.value } })),
})
const field = fieldsOf(open.error)

async function send(): Promise<void> {
  const made = await open.mutateAsync().catch(() => null)
  if (made === null) {
    await focusFirstBad()
    return
  }
  await router.replace('/shop/set-up')
  await queries.invalidateQueries({ queryKey: keys.shop })
  await signIn.mutateAsync({ username: made.username, password: manager.value.password }).catch(() => null)
}
</script>

<template>
  <main class="first">
    <form class="panel stack" novalidate @submit.prevent="send">
      <div>
        <h1>A shop of your own</h1>
        <p class="muted">
          Nobody has opened a shop on this machine yet. What you enter here can be changed later; all else is asked for
          one by one on the next page, and can wait.
        </p>
      </div>
      <LabelledField
        label="Code"
        for="first-code"
        hint="It stands in the terminal in which bin/start --empty was run."
        :error="field('/code')"
      >
        <input id="first-code" v-model="code" class="cell code" autocomplete="off" autofocus placeholder="XXXX-XXXX" />
      </LabelledField>
      <h2>The shop</h2>
      <PremisesFields v-model="shop" brief :field="(pointer) => field(`/shop${pointer}`)" />
      <h2>You, its first service manager</h2>
      <LabelledField
        label="Your name"
        for="first-name"
        hint="As it stands under records."
        :error="field('/manager/name')"
      >
        <input id="first-name" v-model="manager.name" class="cell wide" :maxlength="80" autocomplete="name" />
      </LabelledField>
      <LabelledField
        label="User name"
        for="first-username"
        hint="Short, without blanks; you sign in with it."
        :error="field('/manager/username')"
      >
        <input id="first-username" v-model="manager.username" class="cell" :maxlength="60" autocomplete="username" />
      </LabelledField>
      <LabelledField
        label="Password"
        for="first-password"
        hint="At least ten characters. Three words that have nothing to do with each other are a good one."
        :error="field('/manager/password')"
      >
        <el-input
          id="first-password"
          v-model="manager.password"
          type="password"
          autocomplete="new-password"
          show-password
        />
      </LabelledField>
      <ProblemNote :error="open.error.value ?? signIn.error.value" unshown />
      <el-button type="primary" native-type="submit" size="large" :loading="open.isPending.value">
        Open the shop
      </el-button>
    </form>
  </main>
</template>

<style scoped>
.first {
  display: flex;
  justify-content: center;
  padding: 4vh 20px 40px;
}

form {
  width: 620px;
}

.code {
  width: 180px;
  font-size: 20px;
  letter-spacing: 0.1em;
  text-transform: uppercase;
}
</style>
