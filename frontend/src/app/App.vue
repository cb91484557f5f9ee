<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { country } from '@/shared/days'
import { currency, figureStyle } from '@/shared/figures'
import { useSession, useShop } from '@/shared/session'
import { sessionLost, signedInAs } from '@/shared/signedIn'
import { startSending } from '@/shared/unsent/store'
import CommandBox from './CommandBox.vue'
import FirstRunPage from './FirstRunPage.vue'
import { adoptUnsent } from './adoptUnsent'
import LoginForm from './LoginForm.vue'
import RouteFault from './RouteFault.vue'
import SideRail from './SideRail.vue'
import StateStrip from './StateStrip.vue'

const route = useRoute()
const { account, isPending } = useSession()
const { shop } = useShop()
watch(
  shop,
  (now) => {
    country.value = now?.country ?? null
    figureStyle.value = now?.figures ?? figureStyle.value
    currency.value = now?.currency ?? currency.value
  },
  { immediate: true, flush: 'sync' },
)
/** Whoever has the address sees it, signed in or not. */
const open = computed(() => route.meta['open'] === true)
const bare = computed(() => route.meta['bare'] === true)
/** One screen, for one person: at another address, or for somebody else, it begins anew. */
const screen = computed(() => `${account.value?.username ?? ''} ${route.path}`)
watch(account, (now) => (signedInAs.value = now?.username ?? null), { immediate: true, flush: 'sync' })
startSending()
const ready = ref(false)
void adoptUnsent().finally(() => (ready.value = true))
</script>

<template>
  <StateStrip />
  <RouteFault />
  <div v-if="isPending || !ready" class="waiting" role="status">Opening the shop …</div>
  <RouterView v-else-if="open" />
  <FirstRunPage v-else-if="shop?.isOpen === false" />
  <LoginForm v-else-if="account === null" :shop="shop ?? null" />
  <template v-else>
    <RouterView v-if="bare" :key="screen" />
    <div v-else class="shell">
      <SideRail :account="account" />
      <div class="page">
        <header class="top">
          <CommandBox />
          <div id="top-middle" class="muted"></div>
          <div id="top-right" class="row"></div>
        </header>
        <main class="content"><RouterView :key="screen" /></main>
      </div>
    </div>
    <div v-if="sessionLost" class="veil"><LoginForm :shop="shop ?? null" :again="sessionLost" /></div>
  </template>
</template>

<style scoped>
.waiting {
  padding: 40px;
}

.shell {
  display: grid;
  grid-template-columns: 76px 1fr;
  height: calc(100vh - var(--strip, 0px));
}

.page {
  display: flex;
  flex-direction: column;
  min-width: 0;
  height: calc(100vh - var(--strip, 0px));
}

.top {
  display: flex;
  align-items: center;
  gap: 14px;
  height: 48px;
  padding: 0 14px 0 16px;
  border-bottom: 1px solid var(--line);
  flex: none;
}

#top-middle {
  flex: 1;
}

.content {
  flex: 1;
  overflow: auto;
  padding: 14px 16px;
  min-height: 0;
}

.veil {
  position: fixed;
  inset: 0;
  background: rgb(246 242 232 / 88%);
  z-index: 3000;
  overflow: auto;
}
</style>
