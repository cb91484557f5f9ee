import { afterEach, describe, expect, it } from 'vitest'
import { createApp, h, nextTick } from 'vue'
import { installFigures } from '@/shared/figures'
import { country, dayTyped, firstDayOfWeek } from '@/shared/days'
import DayField from '@/shared/ui/DayField.vue'
import { dayText } from '@/shared/units'

afterEach(() => (country.value = null))

describe('a day as people write it', () => {
  it.each([
    ['2026-03-09', '2026-03-09'],
    ['9 Mar 2026', '2026-03-09'],
    ['9. März 2026', null],
    ['March 9, 2026', '2026-03-09'],
    ['9.3.2026', '2026-03-09'],
    ['09/03/2026', '2026-03-09'],
    ['31/4/2026', null],
    ['29 Feb 2028', '2028-02-29'],
    ['29 Feb 2026', null],
    ['9/3/26', null],
    ['3/13/2026', null],
    ['tomorrow', null],
    ['', null],
  ])('%s is %s where the day comes first', (typed, day) => {
    country.value = 'IE'
    expect(dayTyped(typed)).toBe(day)
  })

  it.each([
    ['3/9/2026', '2026-03-09'],
    ['13/3/2026', null],
    ['9 Mar 2026', '2026-03-09'],
  ])('%s is %s where the month comes first', (typed, day) => {
    country.value = 'US'
    expect(dayTyped(typed)).toBe(day)
  })

  it('is shown in words, so that none can be taken for another', () => {
    country.value = 'US'
    expect(dayText('2026-03-09')).toBe('Mar 9, 2026')
    country.value = 'IE'
    expect(dayText('2026-03-09')).toBe('9 Mar 2026')
    for (const day of ['2026-03-09', '2028-02-29', '2026-12-31']) {
      expect(dayTyped(dayText(day))).toBe(day)
    }
  })

  it('has weeks that begin as calendars there do', () => {
    const first = (code: string | null): number => {
      country.value = code
      return firstDayOfWeek()
    }
    expect([first(null), first('IE'), first('US'), first('EG')]).toEqual([1, 1, 7, 6])
  })

  it('keeps what is no day, says how one is written, and takes it once it is one', async () => {
    const days: string[] = []
    const page = document.createElement('div')
    const taken = { modelValue: '2026-03-09', 'onUpdate:modelValue': (day: string) => days.push(day) }
    createApp({ render: () => h(DayField, taken) })
      .use(installFigures)
      .mount(page)
    const input = page.querySelector('input')
    const type = async (text: string): Promise<void> => {
      if (input) {
        input.value = text
        input.dispatchEvent(new Event('input'))
        input.dispatchEvent(new Event('change'))
      }
      await nextTick()
    }
    expect(input?.value).toBe('9 Mar 2026')
    await type('soon')
    expect(page.textContent).toContain('Write the day as 9 Mar 2026.')
    expect([input?.value, days]).toEqual(['soon', []])
    await type('10.3.2026')
    expect([input?.value, days]).toEqual(['10 Mar 2026', ['2026-03-10']])
  })
})
