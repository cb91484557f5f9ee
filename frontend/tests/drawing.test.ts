import { createSSRApp, h, type Component } from 'vue'
import { renderToString } from 'vue/server-renderer'
import { describe, expect, it } from 'vitest'
import { installFigures } from '@/shared/figures'
import ContainerShelf from '@/drawing/ContainerShelf.vue'
import Dipstick from '@/drawing/Dipstick.vue'
import IntervalBars from '@/drawing/IntervalBars.vue'
import PieceStack from '@/drawing/PieceStack.vue'
import StateMark from '@/drawing/StateMark.vue'
import TorqueStages from '@/drawing/TorqueStages.vue'
import Transom from '@/drawing/Transom.vue'
import TurnDial from '@/drawing/TurnDial.vue'
import { aDue, anEngine } from './fixtures'

function drawn(component: unknown, props: Record<string, unknown>): Promise<string> {
  return renderToString(createSSRApp({ render: () => h(component as Component, props) }).use(installFigures))
}

describe('pieces on a shaft', () => {
  it('are told in their order with the way each faces', async () => {
    const pieces = [
      { piece: 'thrust washer', facing: 'cone to the gearcase' },
      { piece: 'propeller', facing: null },
    ]
    const picture = await drawn(PieceStack, { pieces })
    expect(picture).toContain('In this order: thrust washer, cone to the gearcase; then propeller')
    expect(picture).toContain('1 thrust washer')
  })
})

describe('a torque in stages', () => {
  it('climbs, every fastener before the next stage', async () => {
    const picture = await drawn(TorqueStages, { stages: ['25', '45', '58'], unit: 'N·m' })
    expect(picture).toContain('In 3 stages: 25, then 45, then 58 N·m, every fastener before the next stage')
  })
})

describe('pictures', () => {
  it('every state has a shape of its own', async () => {
    const shapes = await Promise.all(
      ['not_due', 'soon', 'due', 'overdue', 'no_record'].map((state) => drawn(StateMark, { state })),
    )
    expect(new Set(shapes.map((shape) => shape.replace(/class="mark [a-z_]+"/, ''))).size).toBe(5)
  })

  it('a bar past its limit is red, and a limb that does not count is open', async () => {
    expect(await drawn(IntervalBars, { due: aDue({ hoursShare: 1.05, by: 'hours' }) })).toContain('var(--red)')
    expect(await drawn(IntervalBars, { due: aDue({ hoursShare: 0.95, by: 'hours' }) })).toContain('var(--brass-fill)')
    expect(
      (await drawn(IntervalBars, { due: aDue({ hoursShare: null, calendarShare: null }) })).match(/class="open"/g),
    ).toHaveLength(2)
  })

  it('the transom hangs port on the left and says who hangs there', async () => {
    const svg = await drawn(Transom, { engines: [anEngine(), anEngine({ position: 'starboard', label: 'Starboard' })] })
    expect(svg).toContain('aria-label="Transom with Port, Starboard"')
    expect(svg.indexOf('>P<')).toBeLessThan(svg.indexOf('>S<'))
  })

  it('a dipstick without a known target shows none', async () => {
    expect(await drawn(Dipstick, { reading: null })).not.toContain('target')
    expect(await drawn(Dipstick, { low: 0.45, high: 0.75, reading: 0.6 })).toContain('target')
    expect(await drawn(Dipstick, { low: 0.45, high: 0.75, reading: 1.2 })).toContain('var(--red)')
  })

  it('a dial turns on by its figure', async () => {
    expect(await drawn(TurnDial, { min: 0.625, max: 0.875, text: '⅝ – ⅞' })).toContain(
      'aria-label="Turn on by ⅝ – ⅞ after contact"',
    )
  })

  it('a shelf holds every container to pull', async () => {
    const volume = (value: string, unit: string) => ({ value, unit, text: '' })
    const picks = [
      { id: 'a', size: volume('5', 'l'), count: 2, opened: false },
      { id: 'b', size: volume('0.4', 'l'), count: 1, opened: true },
      { id: 'c', size: volume('1', 'us_qt'), count: 1, opened: false },
    ]
    const svg = await drawn(ContainerShelf, { plan: { picks, totalMl: 11346, leftOverMl: 246, costMinor: 10870 } })
    expect(svg).toContain('aria-label="5 l, 5 l, opened 0.4 l, 1 US qt; 246 ml left over"')
  })
})
