import { shallowRef } from 'vue'

/** The country of the shop, in two letters; null: nobody has said. Days are read and written as people there do. */
export const country = shallowRef<string | null>(null)

/** Where the month stands before the day. */
const monthFirst = new Set(['US', 'PH', 'FM', 'MH', 'PW', 'GU', 'PR', 'VI', 'AS', 'MP'])

/** In words, so that no day can be taken for another one: `9 Mar 2026`, or `Mar 9, 2026`. */
export function dayLocale(): 'en-US' | 'en-GB' {
  return monthFirst.has(country.value ?? '') ? 'en-US' : 'en-GB'
}

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']

/** `9 Mar 2026`, `March 9, 2026`, `9.3.2026` or `2026-03-09` become `2026-03-09`; null: no day, or one of two. */
export function dayTyped(text: string): string | null {
  const parts = text
    .trim()
    .toLowerCase()
    .split(/[\s./,-]+/)
    .filter((part) => part !== '')
  const [year, month, day] = inOrder(parts)
  const found = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
  const at = new Date(`${found}T00:00:00Z`)
  // 31 April is no day, though a calendar takes it for the first of May
  return /^\d{4}-\d\d-\d\d$/.test(found) && !Number.isNaN(at.getTime()) && at.toISOString().startsWith(found)
    ? found
    : null
}

/** Year, month and day of three parts in whatever order they are written. */
function inOrder(parts: string[]): [string, string, string] {
  const [first = '', second = '', third = ''] = parts.length === 3 ? parts : []
  const named = parts.findIndex((part) => monthOf(part) !== null)
  if (named >= 0) {
    return [third, String(monthOf(parts[named] ?? '')), named === 0 ? second : first]
  }
  if (first.length === 4) {
    return [first, second, third]
  }
  return dayLocale() === 'en-US' ? [third, first, second] : [third, second, first]
}

function monthOf(part: string): number | null {
  const place = part.length >= 3 ? months.findIndex((month) => part.startsWith(month)) : -1
  return place < 0 ? null : place + 1
}

/** The day on which calendars here begin a week: 1 is Monday, 7 Sunday. */
export function firstDayOfWeek(): number {
  if (country.value === null) {
    return 1
  }
  const locale = new Intl.Locale(`en-${country.value}`) as Intl.Locale & {
    getWeekInfo?: () => { firstDay: number }
    weekInfo?: { firstDay: number }
  }
  return (locale.getWeekInfo?.() ?? locale.weekInfo)?.firstDay ?? 1
}
