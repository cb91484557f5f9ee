import { createSSRApp, h, type Component } from 'vue'
import { renderToString } from 'vue/server-renderer'
import { createMemoryHistory, createRouter } from 'vue-router'
import { describe, expect, it } from 'vitest'
import { installFigures } from '@/shared/figures'
import FigureCell from '@/features/book/FigureCell.vue'
import FlagItem from '@/features/book/FlagItem.vue'
import QuoteSides from '@/features/book/QuoteSides.vue'
import RangeReport from '@/features/book/RangeReport.vue'
import type { SheetValue } from '@/shared/api/types'

async function words(component: unknown, props: Record<string, unknown>): Promise<string> {
  const page = { render: () => null }
  const router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/:rest(.*)*', component: page }] })
  const html = await renderToString(
    createSSRApp({ render: () => h(component as Component, props) })
      .use(router)
      .use(installFigures),
  )
  return html
    .replace(/<!--.*?-->/g, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()
}

function aValue(change: Partial<SheetValue>): SheetValue {
  return {
    path: 'drain.wrench',
    label: 'wrench for the drain',
    group: 'oil',
    figure: '17 mm',
    detail: null,
    table: null,
    source: 'Manual, rev. 4, p. 43',
    standing: 'own',
    usable: true,
    by: null,
    on: null,
    ...change,
  }
}

describe('a value on a sheet', () => {
  it.each([
    [aValue({}), '17 mm'],
    [aValue({ standing: 'unsourced', usable: false }), '17 mm no source: can’t be used'],
    [aValue({ standing: 'unconfirmed', usable: false }), '17 mm not confirmed for these engines'],
    [aValue({ standing: 'inherited' }), '17 mm from the family'],
  ])('says where it stands in words, not by colour alone', async (value, told) => {
    expect(await words(FigureCell, { value })).toBe(told)
  })

  it('shows a table as a table', async () => {
    const table = {
      columns: ['piece', 'goes on with'],
      rows: [
        ['thrust washer', 'cone to the gearcase'],
        ['nut', ''],
      ],
    }
    expect(await words(FigureCell, { value: aValue({ table, figure: 'not shown' }) })).toBe(
      'piece goes on with thrust washer cone to the gearcase nut',
    )
  })
})

describe('what publishing tells', () => {
  it('of overlaps and gaps, with the sheets and the numbers', async () => {
    const ranges = {
      overlaps: [{ model: 'K48', serials: 'KC1-1500 – 1999', one: 'tiller rev. 1', other: 'remote rev. 1' }],
      gaps: [{ model: 'D65', serials: 'D65-7401 – 7999', before: 'd65 rev. 5', after: 'd65 rev. 5' }],
    }
    const told = await words(RangeReport, { ranges })
    expect(told).toContain('K48 overlap KC1-1500 – 1999 tiller rev. 1 and remote rev. 1')
    expect(told).toContain('D65 gap D65-7401 – 7999 two ranges of d65 rev. 5')
    expect(await words(RangeReport, { ranges: { overlaps: [], gaps: [] } })).toContain('None.')
  })

  it('of an open order: what was frozen, what is known now, and nothing to decide for who may not', async () => {
    const flag = {
      id: 1,
      order: 2401,
      position: 'single',
      sheet: 'dunmarrow-d65',
      from: 5,
      to: 6,
      raisedAt: '2026-03-18T09:00:00Z',
      differences: [
        { path: 'a', label: 'rest after a run', before: '18 min', after: '20 min' },
        { path: 'b', label: 'drain seal', before: 'DM-1', after: '' },
      ],
    }
    const told = await words(FlagItem, { flag, mayManage: false })
    expect(told).toContain('rest after a run: 18 min → 20 min')
    expect(told).toContain('drain seal: DM-1 → not known any more')
    expect(told).not.toContain('Keep as frozen')
  })
})

describe('a quote by model', () => {
  const side = (id: string, part: string, sold: number) => ({
    sheet: {
      id,
      revision: 1,
      status: 'published',
      family: false,
      maker: 'K',
      models: ['K240'],
      ranges: [`${id} 1 – 9`],
      years: null,
      gearcases: [],
    },
    work: {
      labour: { handsOnMin: 49, unattendedMin: 30, soldTenths: sold },
      oil: [{ grade: '10W-40', need: { value: '5710', unit: 'ml', text: '5.71 l (6.03 US qt)' }, plan: null }],
      parts: [{ count: 1, number: part, description: 'Oil filter', short: 1 }],
      engines: [{ blocked: [{ title: 'Oil filter', reason: 'Missing in the spec book.' }] }],
    },
  })

  it('says that the serial is to be confirmed, and where the sides differ', async () => {
    const told = await words(QuoteSides, { quote: { sides: [side('early', 'QV-1', 9), side('late', 'QV-2', 9)] } })
    expect(told).toContain('Serial to confirm. 2 sheets cover this model')
    expect(told).toContain('can’t be issued')
    expect(told).toContain('parts differs 1 × QV-1 Oil filter, 1 short 1 × QV-2 Oil filter, 1 short')
    expect(told).toContain('sold time 0.9 h 0.9 h')
    expect(told).toContain('engine oil 10W-40, 5.71 l')
    expect(told).toContain('oil price short short')
    expect(told).toContain('can’t be done Oil filter: Missing in the spec book.')
  })

  it('with one sheet differs in nothing', async () => {
    const told = await words(QuoteSides, { quote: { sides: [side('only', 'QV-1', 12)] } })
    expect(told).toContain('One sheet covers this model.')
    expect(told).not.toContain('differs')
    expect(told).toContain('1.2 h')
  })
})
