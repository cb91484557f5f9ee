import { createApp, h, nextTick, shallowRef } from 'vue'
import { installFigures } from '@/shared/figures'
import { describe, expect, it } from 'vitest'
import { kitText, readKit } from '../src/features/parts/kit'
import { keyOf } from '../src/features/book/useUnsaved'
import type { Field, Fields } from '../src/shared/api/types'
import { bare, emptyRow, emptyValue, optionText, tidied, unitText, type Raw } from '../src/shared/value/raw'
import ValueEditor from '../src/shared/value/ValueEditor.vue'

function field(kind: Field['kind'], more: Partial<Field> = {}): Field {
  return { path: 'a.b', label: 'a value', kind, options: [], units: [], safety: false, columns: [], ...more }
}

const fields: Fields = {
  groups: [],
  tightenings: [
    { kind: 'torque', label: 'torque', keys: ['min', 'nominal', 'max', 'unit', 'thread', 'pattern', 'reused'] },
    { kind: 'turns_after_contact', label: 'turns after contact', keys: ['min', 'max'] },
    { kind: 'hand_tight', label: 'hand tight', keys: [] },
  ],
  threads: [{ id: 'dry', label: 'clean and dry thread' }],
  patterns: [{ id: 'any', label: 'in any order' }],
  actions: [{ id: 'renew', label: 'renew' }],
  uses: [{ id: 'salt', label: 'salt water' }],
}

/** The control as the page holds it: what it emits comes back as its value. */
function edit(of: Field, value: Raw) {
  const now = shallowRef<Raw>(value)
  const root = document.createElement('div')
  createApp({
    render: () =>
      h(ValueEditor, {
        field: of,
        fields,
        modelValue: now.value,
        'onUpdate:modelValue': (changed: Raw) => {
          now.value = changed
        },
      }),
  })
    .use(installFigures)
    .mount(root)
  async function set(selector: string, to: string | boolean, place = 0): Promise<void> {
    const control = root.querySelectorAll<HTMLInputElement>(selector)[place]
    if (control === undefined) {
      throw new Error(`There is no ${selector}.`)
    }
    if (typeof to === 'boolean') {
      control.checked = to
    } else {
      control.value = to
    }
    control.dispatchEvent(new Event('input'))
    control.dispatchEvent(new Event('change'))
    await nextTick()
  }
  return { root, set, last: (): Raw => now.value }
}

describe('an empty value', () => {
  it.each([
    ['volume', { value: '', unit: 'l' }],
    ['length_range', { min: '', max: '', unit: 'mm' }],
    ['flag', { value: null }],
    ['part', { part: '', count: 1 }],
    ['text', { value: '' }],
    ['interval', { first: null, every: { hours: null, months: null }, action: 'renew', severe: null }],
  ] as const)('of kind %s never lacks its unit', (kind, expected) => {
    expect(emptyValue(field(kind, { units: ['mm', 'in'] }))).toEqual(expected)
  })

  it('of a table has one row with a cell for each column', () => {
    const columns = [
      { key: 'piece', label: 'piece', kind: 'text' as const, required: true, options: [] },
      { key: 'size', label: 'size', kind: 'length' as const, required: false, options: [] },
      { key: 'answers', label: 'answers', kind: 'texts' as const, required: true, options: [] },
    ]
    expect(emptyRow(field('table', { columns }))).toEqual({ piece: '', size: null, answers: [] })
  })
})

describe('what is sent', () => {
  it('leaves empty cells of a table out, and nothing else', () => {
    expect(tidied({ rows: [{ piece: 'nut', part: '', size: null, answers: [], count: 0 }] })).toEqual({
      rows: [{ piece: 'nut', count: 0 }],
    })
    expect(tidied({ value: '' })).toEqual({ value: '' })
  })

  it('is the value without what stands beside it', () => {
    expect(bare({ value: '1', unit: 'l', source: 'book', page: '3', by: 'Mora', on: '2026-03-18' })).toEqual({
      value: '1',
      unit: 'l',
    })
  })

  it('names a document by its title and revision', () => {
    expect(keyOf({ document: 'Kestrane workshop book K165', revision: 'D' })).toBe('kestrane-workshop-book-k165-d')
    expect(keyOf({ document: '  Bulletin № 9 ', revision: '1' })).toBe('bulletin-9-1')
  })
})

describe('units and options in words', () => {
  it('shows what people write, and codes that need no word as they are', () => {
    expect(['us_qt', 'nm', 'c', 'mm'].map(unitText)).toEqual(['US qt', 'N·m', '°C', 'mm'])
    expect(optionText('behind_bracket')).toBe('behind bracket')
  })
})

describe('a kit', () => {
  it('reads back what it shows', () => {
    const kit = [
      { part: 'DM-20961', count: 1 },
      { part: 'DM-11407', count: 2 },
    ]
    expect(readKit(kitText(kit))).toEqual(kit)
  })

  it('counts a piece without a count as one, and leaves a count that is none to the server', () => {
    expect(readKit(' DM-1  DM-2:some ')).toEqual([
      { part: 'DM-1', count: 1 },
      { part: 'DM-2', count: 0 },
    ])
  })
})

describe('the control of a value', () => {
  it('takes a decimal comma as a point and keeps the unit', async () => {
    const { set, last } = edit(field('volume', { units: ['l', 'us_qt'] }), { value: '', unit: 'us_qt' })
    await set('input', '5,46')
    expect(last()).toEqual({ value: '5.46', unit: 'us_qt' })
  })

  it('leaves minutes that are no number as typed, for the server to refuse', async () => {
    const { set, last } = edit(field('minutes'), { value: 5, unit: 'min' })
    await set('input', '12')
    expect(last()).toEqual({ value: 12, unit: 'min' })
    await set('input', 'soon')
    expect(last()).toEqual({ value: 'soon', unit: 'min' })
  })

  it('asks a tightening for just what its kind needs', async () => {
    const { root, set, last } = edit(field('tightening', { units: ['nm'] }), emptyValue(field('tightening')))
    expect(root.textContent).toContain('to set')
    await set('select', 'turns_after_contact')
    expect(last()).toEqual({ kind: 'turns_after_contact', min: '', max: '' })
    expect(root.textContent).not.toContain('to set')
    await set('select', 'hand_tight')
    expect(last()).toEqual({ kind: 'hand_tight' })
  })

  it('takes several ways, each once', async () => {
    const { set, last } = edit(field('choices', { options: ['plug', 'valve'] }), { values: ['plug'] })
    await set('input', true, 1)
    expect(last()).toEqual({ values: ['plug', 'valve'] })
    await set('input', false, 0)
    expect(last()).toEqual({ values: ['valve'] })
  })

  it('drops a first limit that is emptied, but never the limit that repeats', async () => {
    const { set, last } = edit(field('interval'), {
      first: { hours: '20', months: null },
      every: { hours: '100', months: null },
      action: 'renew',
      severe: null,
    })
    await set('[aria-label="a value, first at, hours"]', '')
    expect(last()['first']).toBeNull()
    await set('[aria-label="a value, then every, hours"]', '')
    expect(last()['every']).toEqual({ hours: null, months: null })
  })

  it('moves a row of a table up', () => {
    const columns = [{ key: 'piece', label: 'piece', kind: 'text' as const, required: true, options: [] }]
    const { root, last } = edit(field('table', { columns }), { rows: [{ piece: 'washer' }, { piece: 'nut' }] })
    root.querySelector<HTMLButtonElement>('[aria-label="Move row 2 up"]')?.click()
    expect(last()).toEqual({ rows: [{ piece: 'nut' }, { piece: 'washer' }] })
  })
})
