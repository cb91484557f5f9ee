import { describe, expect, it } from 'vitest'
import CartTab from '@/features/builder/CartTab.vue'
import CartStop from '@/shared/ui/CartStop.vue'
import type { CartLine } from '@/shared/cart'
import { aBench } from './fixtures'
import { html, words } from './shown'

const seal: CartLine = {
  key: 'QV-31180',
  kind: 'part',
  what: '2 × QV-31180',
  words: 'Drain plug seal',
  where: 'A1-03 · Port, Starboard',
  engines: ['Port', 'Starboard'],
}

describe('a stop of the cart', () => {
  it('has a box for each engine that a part is for, and says who ticked it', async () => {
    const confirmedBy = (_: string, engine: string): string | null => (engine === 'Port' ? 'bram' : null)
    const shown = await words(CartStop, { stop: { id: 'x', title: 'Port · Drain', lines: [seal] }, confirmedBy })
    expect(shown).toContain('☑ Port, bram')
    expect(shown).toContain('☐ Starboard')
  })

  it('has none for a tool', async () => {
    const tool: CartLine = { ...seal, kind: 'tool' }
    const shown = await words(CartStop, {
      stop: { id: 'x', title: 'Port · Drain', lines: [tool] },
      confirmedBy: () => null,
    })
    expect(shown).not.toContain('☐')
  })
})

describe('the cart in the builder', () => {
  const work = { ...aBench([]).document, order: '2401' }

  it('leads to the page where numbers are held against it once it is issued', async () => {
    expect(await html(CartTab, { work, issued: true })).toContain('/orders/2401/cart')
    expect(await html(CartTab, { work, issued: false })).not.toContain('/orders/2401/cart')
  })
})
