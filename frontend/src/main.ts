import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import 'element-plus/theme-chalk/base.css'
import { createApp, type Component } from 'vue'
import App from './app/App.vue'
import { router } from './app/router'
import { asProblem } from './shared/api/client'
import './theme.css'

const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (failures, error) => failures < 2 && (asProblem(error)?.status ?? 0) === 0,
      refetchOnWindowFocus: false,
    },
  },
})

createApp(App as Component)
  .use(VueQueryPlugin, { queryClient })
  .use(router)
  .mount('#app')
