import { createSSRApp, h, type Component } from 'vue'
import { renderToString } from 'vue/server-renderer'
import { installFigures } from '@/shared/figures'
import { createMemoryHistory, createRouter } from 'vue-router'

/** A component as the server would render it; what opens on a click stays closed. */
export async function html(component: unknown, props: Record<string, unknown>): Promise<string> {
  const page = { render: () => null }
  const router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/:rest(.*)*', component: page }] })
  const app = createSSRApp({ render: () => h(component as Component, props) })
  app.component('ElPopover', { render: () => null })
  return renderToString(app.use(router).use(installFigures))
}

/** The words that it shows. */
export async function words(component: unknown, props: Record<string, unknown>): Promise<string> {
  const text = await html(component, props)
  return text
    .replace(/<!--.*?-->/g, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}
