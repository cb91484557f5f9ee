import { describe, expect, it } from 'vitest'
import { figuresOf, isSaid, nothingSaid, toAnswer, type Answer, type Measure } from '@/features/bench/measure'

const measure = (kind: Measure['kind'], form: NonNullable<Measure['form']>): Measure => ({
  kind,
  form,
  label: kind,
  limit: null,
  places: [{ key: '1' }],
})
const noise: Answer[] = [
  { code: 'noise_none', label: 'None', verdict: 'go_on', meaning: '' },
  { code: 'noise_heard', label: 'A noise', verdict: 'finding', meaning: 'Find out.', asksWords: true },
]

describe('figures as people type them', () => {
  it.each([
    ['0,18', ['0.18']],
    [' 0.18  0,20 ', ['0.18', '0.20']],
    ['0.18; 0.20', ['0.18', '0.20']],
    ['', []],
    ['   ', []],
  ])('%j', (typed, figures) => {
    expect(figuresOf(typed)).toEqual(figures)
  })
})

describe('nothing is entered before all is said', () => {
  it('a noise needs words, none needs none', () => {
    const asked = measure('noise', 'choice')
    const said = (answer: string, words = '') => isSaid(asked, { key: '1' }, { ...nothingSaid(), answer, words }, noise)
    expect([
      said(''),
      said('noise_none'),
      said('noise_heard'),
      said('noise_heard', '  '),
      said('noise_heard', 'port side'),
    ]).toEqual([false, true, false, false, true])
  })

  it('of an anode for which a new one lies ready it is said whether that went on', () => {
    const asked = measure('anode_left', 'share')
    const half = { ...nothingSaid(), share: 50 }
    expect(isSaid(asked, { key: '1' }, half, [])).toBe(true)
    expect(isSaid(asked, { key: '1', part: 'QV-1' }, half, [])).toBe(false)
    expect(isSaid(asked, { key: '1', part: 'QV-1' }, { ...half, renewed: false }, [])).toBe(true)
    expect(toAnswer(asked, { key: '1', part: 'QV-1' }, { ...half, renewed: true })).toEqual({
      place: '1',
      share: 50,
      renewed: true,
    })
  })
})
