<script setup lang="ts">
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import type { Account } from '@/shared/api/types'
import { useSignOut } from '@/shared/session'
import { roleWords } from '@/shared/words'
import PasswordDialog from './PasswordDialog.vue'
import PinDialog from './PinDialog.vue'

defineProps<{ account: Account }>()
const route = useRoute()
const setting = ref<'pin' | 'password' | null>(null)
const { mutate: signOut, isPending } = useSignOut()

const places = [
  { place: 'board', to: '/', name: 'Board' },
  { place: 'rigs', to: '/boats', name: 'Rigs' },
  { place: 'bench', to: '/bench', name: 'Bench' },
  { place: 'parts', to: '/parts', name: 'Parts' },
  { place: 'book', to: '/book', name: 'Book' },
  { place: 'policy', to: '/policy', name: 'Policy' },
  { place: 'shop', to: '/shop/set-up', name: 'Shop' },
]
</script>

<template>
  <nav class="rail" aria-label="Places of the shop">
    <div class="mark">Fresh<br />Tack</div>
    <RouterLink
      v-for="place in places"
      :key="place.place"
      :to="place.to"
      class="place"
      :class="{ here: route.meta['place'] === place.place }"
      :aria-current="route.meta['place'] === place.place ? 'page' : undefined"
      >{{ place.name }}</RouterLink
    >
    <div class="who">
      <strong>{{ account.name }}</strong>
      <span>{{ roleWords[account.role] }}</span>
      <button type="button" @click="setting = 'password'">Password</button>
      <button type="button" @click="setting = 'pin'">PIN</button>
      <button type="button" :disabled="isPending" @click="signOut()">
        {{ isPending ? 'Signing out …' : 'Sign out' }}
      </button>
    </div>
    <PinDialog v-if="setting === 'pin'" :account="account" @close="setting = null" />
    <PasswordDialog v-if="setting === 'password'" :account="account" @close="setting = null" />
  </nav>
</template>

<style scoped>
.rail {
  background: var(--green);
  color: #fff;
  display: flex;
  flex-direction: column;
  align-items: stretch;
  text-align: center;
}

.mark {
  font-weight: 800;
  font-size: 16px;
  line-height: 1.1;
  padding: 12px 0 16px;
}

.place {
  color: #fff;
  text-decoration: none;
  padding: 10px 0;
  border-left: 4px solid transparent;
}

.place:hover {
  background: #2b6b5c;
}

.place.here {
  background: var(--green-dark);
  border-left-color: var(--brass-fill);
  font-weight: 700;
}

.who {
  margin-top: auto;
  padding: 8px 4px 12px;
  font-size: 12.5px;
  display: flex;
  flex-direction: column;
  gap: 2px;
}

.who button {
  font: inherit;
  background: none;
  border: 1px solid #ffffff80;
  border-radius: 3px;
  color: #fff;
  margin: 6px 2px 0;
  padding: 0;
  min-height: 28px;
  cursor: pointer;
}
</style>
