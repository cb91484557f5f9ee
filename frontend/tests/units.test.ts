import { currency } from '@/shared/figures'
import { describe, expect, it } from 'vitest'
import {
  countdownText,
  dayText,
  decimalInput,
  hoursInput,
  litresText,
  ownUnit,
  minutesText,
  momentText,
  moneyText,
  priceText,
  wholeNumber,
} from '@/shared/units'
import { uuid7 } from '@/shared/uuid'
import { distanceWords, dueWords } from '@/shared/words'
import { aDue } from './fixtures'

describe('units as people write them', () => {
  it.each([
    ['2026-03-09', '9 Mar 2026'],
    ['2028-02-29', '29 Feb 2028'],
    ['2026-12-31', '31 Dec 2026'],
  ])('the day %s is %s in any time zone', (day, text) => expect(dayText(day)).toBe(text))

  it.each([
    ['611,4 h', '611.4'],
    ['1 611,4', '1611.4'],
    ['1\u202f611.4 hours', '1611.4'],
    ['12 hrs.', '12'],
    ['h', ''],
    ['6O4', '6O4'],
  ])('hours typed as “%s”', (text, read) => expect(hoursInput(text)).toBe(read))

  it.each([
    ['-25', -25],
    ['−25 °C', -25],
    ['0', 0],
    ['', null],
    ['  ', null],
    ['2.5', null],
    ['cold', null],
  ])('a whole number typed as “%s”', (text, read) => expect(wholeNumber(text)).toBe(read))

  it('a moment is told by the shop’s clock', () => {
    expect(momentText('2026-07-01T09:05:00+00:00', 'Europe/Dublin')).toBe('1 Jul 2026, 10:05')
    expect(momentText('2026-01-31T23:30:00+00:00', 'UTC')).toBe('31 Jan 2026, 23:30')
  })

  it.each([
    [0, '0 min'],
    [59, '59 min'],
    [60, '1 h'],
    [90, '1 h 30 min'],
    [125, '2 h 5 min'],
  ])('%d minutes', (minutes, text) => expect(minutesText(minutes)).toBe(text))

  it.each([
    [0, '0:00'],
    [59, '0:59'],
    [680, '11:20'],
    [-5, '+0:05'],
  ])('%d seconds on a timer', (seconds, text) => expect(countdownText(seconds)).toBe(text))

  it('money and litres keep two places', () => {
    expect(moneyText(11960)).toBe('119.60')
    expect(moneyText(5)).toBe('0.05')
    expect([litresText(472), litresText(4), litresText(0)]).toEqual(['472 ml', '4 ml', '0 ml'])
    expect([litresText(1000), litresText(1187), litresText(4900)]).toEqual(['1.00 l', '1.187 l', '4.90 l'])
    expect(ownUnit('2.73 US qt (2.58 l)')).toBe('2.73 US qt')
  })

  it('says of which currency a price is', () => {
    currency.value = 'USD'
    expect(priceText(6200)).toBe('62.00 USD')
    currency.value = ''
    expect(priceText(6200)).toBe('62.00')
  })

  it.each([
    ['611,4', '611.4'],
    [' 0.55 ', '0.55'],
    ['1,2,3', '1.2,3'],
    [' 1  1/16', '1 1/16'],
    ['', ''],
  ])('“%s” as a decimal', (typed, sent) => expect(decimalInput(typed)).toBe(sent))
})

describe('uuid7', () => {
  const zeros = new Uint8Array(10)

  it('puts the time in front and marks version and variant', () => {
    expect(uuid7(0x0123456789ab, zeros)).toBe('01234567-89ab-7000-8000-000000000000')
    expect(uuid7(0, new Uint8Array(10).fill(255))).toBe('00000000-0000-7fff-bfff-ffffffffffff')
  })

  it('is well formed and never the same', () => {
    const made = Array.from({ length: 200 }, () => uuid7(Date.now()))
    expect(new Set(made).size).toBe(200)
    expect(
      made.every((each) => /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/.test(each)),
    ).toBe(true)
  })

  it('sorts as it was made', () => {
    expect(uuid7(1000) < uuid7(1001)).toBe(true)
  })
})

describe('words for a state', () => {
  it('name the limb that triggered it', () => {
    expect(dueWords(aDue({ state: 'due', by: 'hours' }))).toBe('due by hours')
    expect(dueWords(aDue({ state: 'overdue', by: 'calendar' }))).toBe('over by date')
    expect(dueWords(aDue({ state: 'no_record', by: null }))).toBe('no record')
  })

  it.each([
    [{ by: 'hours', hoursLeft: '-8.8' }, '8.8 h past'],
    [{ by: 'hours', hoursLeft: '14.5' }, '14.5 h left'],
    [{ by: 'calendar', daysLeft: -37 }, '37 days past'],
    [{ by: 'calendar', daysLeft: 5 }, '5 days left'],
    [{ by: null, daysLeft: 5 }, ''],
  ] as const)('say how far the limit is: %o', (due, words) => expect(distanceWords(aDue(due))).toBe(words))
})
