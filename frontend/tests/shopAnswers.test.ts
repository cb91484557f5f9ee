import { describe, expect, it } from 'vitest'
import { asKept, atLeast, changedBy, type Look } from '@/features/policy/shopAnswers'

const leaks: Look = {
  key: 'leaks',
  label: 'leaks',
  answers: [
    { code: 'dry', label: 'Dry', verdict: 'go_on', meaning: '', raised: null },
    { code: 'damp', label: 'Damp', verdict: 'note', meaning: '', raised: 'finding' },
  ],
  own: [{ code: 'shop.leaks.1', label: 'Sweats', verdict: 'note', meaning: 'Look again.' }],
}

describe('what the shop adds to the table', () => {
  it('offers nothing that is lighter than the trade says', () => {
    expect(atLeast('finding')).toEqual(['finding', 'stop'])
    expect(atLeast('stop')).toEqual(['stop'])
  })

  it('sends only what the shop takes otherwise', () => {
    const { chosen, own } = asKept([leaks])

    expect(changedBy([leaks], chosen)).toEqual({ damp: 'finding' })
    expect(changedBy([leaks], { ...chosen, damp: 'note', dry: 'note' })).toEqual({ dry: 'note' })
    expect(own['leaks']).toEqual(leaks.own)
  })
})
