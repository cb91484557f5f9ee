import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import 'element-plus/theme-chalk/base.css'
import { createApp, type Component } from 'vue'
import App from './app/App.vue'
import { watchOpening } from './app/notOpened'
import { router } from './app/router'
import { rememberScrolling } from './app/scrolling'
import { isAway } from './shared/api/client'
import { installFigures } from './shared/figures'
import './theme.css'

const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // what is shown stays until the server is there again; then it goes on by itself
      retry: (_failures, error) => isAway(error),
      retryDelay: 3_000,
      networkMode: 'always',
      refetchOnWindowFocus: false,
    },
    mutations: { networkMode: 'always' },
  },
})

watchOpening(router)
rememberScrolling(router)

createApp(App as Component)
  .use(VueQueryPlugin, { queryClient })
  .use(router)
  .use(installFigures)
  .mount('#app')
