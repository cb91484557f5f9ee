import { afterEach, describe, expect, it } from 'vitest'
import {
  celsiusOf,
  decimalShown,
  fahrenheitOf,
  figureStyle,
  setFigures,
  shown,
  spelt,
  type FigureStyle,
} from '@/shared/figures'
import TurnDial from '@/drawing/TurnDial.vue'
import { decimalInput, litresText, otherUnit, ownUnit } from '@/shared/units'
import { html } from './shown'
import cases from '../../tests/Exchange/figures.json'

const unsaid: FigureStyle = { decimalComma: false, customary: null }
const plain: FigureStyle = { decimalComma: false, customary: false }
const comma: FigureStyle = { decimalComma: true, customary: false }
const customary: FigureStyle = { decimalComma: false, customary: true }

describe('figures as the shop’s country writes them', () => {
  afterEach(() => {
    figureStyle.value = unsaid
  })

  it.each(cases)('$text', (each) => {
    const expected: [FigureStyle, string][] = [
      [unsaid, each.text],
      [plain, each.point ?? each.text],
      [comma, each.comma],
      [customary, each.customary],
    ]
    for (const [style, written] of expected) {
      figureStyle.value = style
      expect(setFigures(each.text)).toBe(written)
      expect(setFigures(written)).toBe(written)
    }
  })

  it('takes a figure that stands alone, and a number; leaves what is neither', () => {
    figureStyle.value = comma
    expect([shown('611.4'), shown(2.5), shown('−0.5'), shown(null), shown('KF-10.2')]).toEqual([
      '611,4',
      '2,5',
      '−0,5',
      null,
      'KF-10.2',
    ])
  })

  it('reads in a field what it shows there', () => {
    figureStyle.value = comma
    expect(decimalInput(decimalShown('5.37'))).toBe('5.37')
  })

  it('has quarts first where people buy them, and says what is converted', () => {
    expect([ownUnit('5.37 l (5.67 US qt)'), litresText(440)]).toEqual(['5.37 l', '440 ml'])
    figureStyle.value = customary
    expect([ownUnit('5.37 l (5.67 US qt)'), otherUnit('5.37 l (5.67 US qt)')]).toEqual(['≈ 5.67 US qt', '5.37 l'])
    expect([litresText(440), litresText(4900)]).toEqual(['≈ 14.9 US fl oz (440 ml)', '≈ 5.18 US qt (4.90 l)'])
  })

  it('has what is read aloud written likewise', async () => {
    figureStyle.value = comma
    const dial = await html(TurnDial, { min: 0.5, max: 0.75, text: '0.75 turns' })
    expect(/aria-label="([^"]*)"/.exec(dial)?.[1]).toBe('Turn on by 0,75 turns after contact')
  })

  it('spells the program’s own words as people there do', () => {
    expect(spelt('Labour, cancelled')).toBe('Labour, cancelled')
    figureStyle.value = customary
    expect([spelt('Labour, cancelled'), shown('Centre'), shown('Grey Seal')]).toEqual([
      'Labor, canceled',
      'Center',
      'Grey Seal',
    ])
  })

  it('keeps every whole degree Celsius through °F and back', () => {
    for (let degrees = -60; degrees <= 60; degrees++) {
      expect(celsiusOf(fahrenheitOf(degrees))).toBe(degrees)
    }
  })
})
