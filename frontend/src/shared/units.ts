import { dayLocale } from './days'
import { currency, figureStyle, setFigures } from './figures'

const dayOnly = { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' } as const
const dayFormats = {
  'en-GB': new Intl.DateTimeFormat('en-GB', dayOnly),
  'en-US': new Intl.DateTimeFormat('en-US', dayOnly),
}

/** `2026-03-09` becomes `9 Mar 2026`, or `Mar 9, 2026` in a shop where people write so: a day belongs to no time zone. */
export function dayText(day: string): string {
  return dayFormats[dayLocale()].format(new Date(`${day}T00:00:00Z`))
}

/** The day it is on this screen, as `2026-03-09`. */
export function dayInput(now: Date): string {
  const two = (part: number): string => String(part).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

/** `2026-03-09` becomes `9 Mar`. */
export function shortDayText(day: string): string {
  return dayText(day).replace(/,? \d{4}$/, '')
}

/** An instant as a clock of the shop shows it: `9 Mar 2026, 14:05`. */
export function momentText(instant: string, timeZone: string): string {
  return new Intl.DateTimeFormat(dayLocale(), {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
    timeZone,
  }).format(new Date(instant))
}

/** The same instant without its day: `14:05`. */
export function clockText(instant: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone }).format(new Date(instant))
}

/**
 * What a clock of the shop showed as an instant: `2026-03-18`, `9:05` and its zone give `2026-03-18T09:05:00Z`. Null:
 * no time of day, such as `9 h`. An hour that the clock skips is the one after it.
 */
export function instantOf(day: string, time: string, timeZone: string): string | null {
  const parts = /^(\d{1,2})[:.](\d{2})$/.exec(time.trim())
  const wall = parts ? Date.parse(`${day}T${(parts[1] ?? '').padStart(2, '0')}:${parts[2] ?? ''}:00Z`) : NaN
  if (Number.isNaN(wall)) {
    return null
  }
  const aheadAt = (at: number): number => Date.parse(`${wallText(at, timeZone)}Z`) - at
  const first = wall - aheadAt(wall)
  return new Date(wall - aheadAt(first)).toISOString()
}

/** `2026-03-18T09:05:00`, as a clock of the zone shows it. */
function wallText(at: number, timeZone: string): string {
  const format = new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short', timeStyle: 'medium', timeZone })
  return format.format(new Date(at)).replace(' ', 'T')
}

/** The day it is in the shop, as `2026-03-18`. */
export function dayIn(at: number, timeZone: string): string {
  return wallText(at, timeZone).slice(0, 10)
}

const weekday = { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' } as const
const weekdayFormats = {
  'en-GB': new Intl.DateTimeFormat('en-GB', weekday),
  'en-US': new Intl.DateTimeFormat('en-US', weekday),
}

/** `14:03`, by the clock of this device. */
export function timeText(at: Date): string {
  return at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
}

/** `2026-11-30T09:20:00+01:00`, given in the shop's own offset, as `Mon 30 Nov, 09:20`, wherever it is read. */
export function readyText(instant: string): string {
  return `${weekdayFormats[dayLocale()].format(new Date(`${instant.slice(0, 10)}T00:00:00Z`))}, ${instant.slice(11, 16)}`
}

/** Whole minutes as people say them: `1 h 25 min`. */
export function minutesText(minutes: number): string {
  const hours = Math.floor(minutes / 60)
  const rest = minutes % 60
  if (hours === 0) {
    return `${rest} min`
  }
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`
}

/** Money in the smallest coin as `48.90`, where the currency stands at its column or field. */
export function moneyText(minor: number): string {
  return (minor / 100).toFixed(2)
}

/** Money in the smallest coin as `48.90 EUR`. */
export function priceText(minor: number): string {
  return `${moneyText(minor)} ${currency.value}`.trim()
}

/** Seconds left as `11:20`; below zero with its sign. */
export function countdownText(seconds: number): string {
  const left = Math.abs(seconds)
  const sign = seconds < 0 ? '+' : ''
  return `${sign}${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`
}

/**
 * Millilitres as people say them: `4.90 l`, `1.187 l`; less than a litre as they are. No digit is rounded away. Where
 * people buy by the quart: `≈ 5.18 US qt (4.90 l)`.
 */
export function litresText(millilitres: number): string {
  const isSmall = Math.abs(millilitres) < 1000
  const litres = isSmall ? `${millilitres} ml` : `${(millilitres / 1000).toFixed(millilitres % 10 === 0 ? 2 : 3)} l`
  if (!figureStyle.value.customary) {
    return litres
  }
  const other = isSmall
    ? `${(millilitres / 29.5735).toFixed(1)} US fl oz`
    : `${(millilitres / 946.353).toFixed(2)} US qt`
  return `≈ ${other} (${litres})`
}

/** Of an amount in two units, such as `5.46 l (5.77 US qt)`, the one that people here read first. */
export function ownUnit(text: string): string {
  return setFigures(text).split(' (')[0] ?? text
}

/** And the other one. */
export function otherUnit(text: string): string {
  return setFigures(text).replace(/^.*\((.*)\)$/, '$1')
}

/** A decimal comma is read as a point; spaces are dropped, but for the one before a fraction. Nothing else is changed. */
export function decimalInput(text: string): string {
  if (text.includes('/')) {
    return text.trim().replaceAll(/\s+/g, ' ')
  }
  return text.replaceAll(/\s/g, '').replace(',', '.')
}

/** Hours as people type them from a meter: `1 611,4 h` becomes `1611.4`. */
export function hoursInput(text: string): string {
  return decimalInput(text).replace(/(?:h|hrs?|hours?)\.?$/i, '')
}

/** `-7` becomes `−7 °C`. */
export function degreesText(celsius: number): string {
  return `${String(celsius).replace('-', '−')} °C`
}

/** A whole number as people type it: `−25 °C` becomes -25; null if it is none. An empty field is not nought. */
export function wholeNumber(text: string): number | null {
  const bare = text.replaceAll(/\s|°[CF]$/g, '').replace('−', '-')
  return /^-?\d{1,6}$/.test(bare) ? Number(bare) : null
}

/** What jugs are marked in here. */
export function jugUnit(): 'l' | 'us_qt' {
  return figureStyle.value.customary ? 'us_qt' : 'l'
}
