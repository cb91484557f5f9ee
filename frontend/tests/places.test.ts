import { describe, expect, it } from 'vitest'
import { usualIn } from '@/shared/places'

describe('what is usual in a country', () => {
  it.each([
    ['one clock, though it has two names', 'DE', '', 'Europe/Berlin'],
    ['several clocks: the one of this machine', 'US', 'America/Chicago', 'America/Chicago'],
    ['several clocks, and this machine stands elsewhere: it has to be chosen', 'US', 'Europe/Berlin', ''],
    ['several clocks, and nobody knows where this machine stands', 'AU', '', ''],
  ])('%s', (_, country, here, zone) => {
    expect(usualIn(country, here).timeZone).toBe(zone)
  })

  it('knows the currency, and leaves one that it does not know to be chosen', () => {
    expect([usualIn('DE').currency, usualIn('US').currency, usualIn('KE').currency]).toEqual(['EUR', 'USD', ''])
  })
})
