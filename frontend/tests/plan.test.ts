import { describe, expect, it } from 'vitest'
import TighteningPattern from '@/drawing/TighteningPattern.vue'
import TimelineLanes from '@/drawing/TimelineLanes.vue'
import { lanesOf } from '@/drawing/lanes'
import { cartOf, partsOf } from '@/shared/cart'
import type { Timeline, WorkOrder } from '@/shared/api/types'
import { aBench, anOperation, aStep } from './fixtures'
import { html } from './shown'

const operations = [
  anOperation('rig.place', [], { position: null, label: 'Whole rig', title: 'Place the boat' }),
  anOperation('port.drain-valve', [], { title: 'Drain the oil by the valve', unattendedMin: 14 }),
  anOperation('starboard.grease', [], { position: 'starboard', label: 'Starboard', title: 'Grease the points' }),
  anOperation('port.fill', [aStep('port.fill.pour', { entry: 'poured' })], { title: 'Fill the oil' }),
]
const timeline: Timeline = {
  technicians: 2,
  elapsedMin: 30,
  handsOnMin: 20,
  presenceMin: 5,
  changes: 1,
  boundMin: 30,
  gapPermille: 0,
  turns: 0,
  entries: [
    {
      id: 'rig.place',
      startMin: 0,
      attendedEndMin: 4,
      presenceEndMin: 4,
      endMin: 4,
      technicians: [1],
      helper: false,
      fills: [],
    },
    {
      id: 'port.drain-valve',
      startMin: 4,
      attendedEndMin: 8,
      presenceEndMin: 8,
      endMin: 22,
      technicians: [1],
      helper: false,
      fills: ['starboard.grease'],
    },
    {
      id: 'starboard.grease',
      startMin: 8,
      attendedEndMin: 18,
      presenceEndMin: 18,
      endMin: 18,
      technicians: [2],
      helper: false,
      fills: [],
    },
    {
      id: 'port.fill',
      startMin: 22,
      attendedEndMin: 26,
      presenceEndMin: 26,
      endMin: 26,
      technicians: [1, 2],
      helper: false,
      fills: [],
    },
  ],
}

describe('the timeline', () => {
  const lanes = lanesOf(timeline, operations)

  it('has a lane for each technician and each engine', () => {
    expect(lanes.map((lane) => lane.name)).toEqual(['Technician 1', 'Technician 2', 'Port', 'Starboard'])
    expect(lanes[0]?.bars.map((bar) => bar.id)).toEqual(['rig.place', 'port.drain-valve', 'port.fill'])
    expect(lanes[1]?.bars.map((bar) => bar.id)).toEqual(['starboard.grease', 'port.fill'])
  })

  it('shows a wait on the engine and not on the hands, which are free', () => {
    expect(lanes[0]?.bars[1]).toMatchObject({ from: 4, to: 8, waitTo: 8 })
    expect(lanes[2]?.bars[0]).toMatchObject({ from: 4, to: 8, waitTo: 22 })
  })

  it('tells every bar in words, with what goes on by itself', () => {
    expect(lanes[2]?.bars[0]?.words).toBe(
      'Port: Drain the oil by the valve, minute 4 to 8, then by itself until minute 22',
    )
  })

  it('gives each engine a shade of its own, and every bar a key of its own', () => {
    const all = lanes.flatMap((lane) => lane.bars)
    expect(lanes[2]?.bars[0]?.shade).not.toBe(lanes[3]?.bars[0]?.shade)
    expect(new Set(all.map((bar) => bar.key)).size).toBe(all.length)
  })

  it('hatches waits, and can be walked by keyboard', async () => {
    const picture = await html(TimelineLanes, { lanes, elapsedMin: 30, chosen: 'port.drain-valve' })
    expect(picture.match(/url\(#waiting\)/g)).toHaveLength(1)
    expect(picture.match(/tabindex="0"/g)?.length).toBeGreaterThanOrEqual(lanes.length)
    expect(picture).toContain('aria-label="Port: Drain the oil by the valve')
  })
})

describe('the cart', () => {
  const document = aBench(operations).document
  const work: WorkOrder = {
    ...document,
    parts: [
      {
        number: 'QV-50318',
        description: 'Oil filter',
        bin: null,
        count: 2,
        inStock: 1,
        short: 1,
        singleUse: true,
        atHand: false,
        instead: [],
        firstUse: 'port.fill',
        positions: ['Port'],
        why: '',
      },
    ],
    tools: [
      {
        name: 'Drain hose, bore',
        size: '11 mm',
        positions: ['Port'],
        why: '',
        standIn: null,
        wrench: null,
        firstUse: 'port.drain-valve',
      },
    ],
    oil: [],
  }

  it('puts everything under the work that needs it first, in the order of the work', () => {
    const stops = cartOf(work)
    expect(stops.map((stop) => stop.title)).toEqual(['Port · Drain the oil by the valve', 'Port · Fill the oil'])
    expect(stops[0]?.lines[0]).toMatchObject({ kind: 'tool', what: '11 mm' })
  })

  it('knows what an operation fits at each engine that it is for', () => {
    const both = { ...work, parts: work.parts.map((part) => ({ ...part, positions: ['Port', 'Starboard'] })) }
    const fill = anOperation('starboard.fill', [], { label: 'Starboard' })
    expect(partsOf(both, fill)).toEqual(['QV-50318'])
    expect(partsOf(work, fill)).toEqual([])
    expect(partsOf(both, anOperation('starboard.run', [], { label: 'Starboard' }))).toEqual([])
  })

  it('names the lubricant of an engine where it goes in, with how much', () => {
    const operations = [anOperation('port.gear-fill', [aStep('port.gear-fill.pump')])]
    const volume = { value: '0.92', unit: 'l', text: '0.92 l (0.97 US qt)', ml: 920 } as const
    const picks = [{ id: 'gl3', size: { ...volume, value: '1' }, count: 1, opened: true }]
    const plan = { picks, totalMl: 1000, leftOverMl: 80, costMinor: 0 }
    const pool = { positions: ['Port'], uses: ['Fill'], firstUse: 'port.gear-fill', shortage: null, why: '' }
    const lubricants = [
      { ...pool, name: 'GL-3 gear lubricant', need: volume, plan },
      { ...pool, name: 'GL-2 gear lubricant', need: volume, plan: null, shortage: 'The shelf holds none of it.' },
      { ...pool, name: 'marine grease', need: null, plan: null },
    ]
    const lines = cartOf({ ...work, operations, lubricants }).flatMap((stop) => stop.lines)
    expect(lines.map(({ what, words, where }) => [what, words, where])).toEqual([
      ['1 × opened 1 l', 'GL-3 gear lubricant', 'Port'],
      ['0.92 l (0.97 US qt)', 'GL-2 gear lubricant', 'Port · short'],
      ['', 'marine grease', 'Port'],
    ])
  })

  it('says what is short, and that a part has no bin', () => {
    expect(cartOf(work)[1]?.lines[0]).toMatchObject({ what: '2 × QV-50318', where: 'no bin · Port · 1 short' })
  })
})

describe('the pattern of tightening', () => {
  it.each([
    ['alternate', 'from side to side', 4],
    ['cross', 'crosswise', 4],
    ['spiral', 'from the middle outwards', 9],
  ])('%s is drawn in its order and told in words', async (pattern, words, count) => {
    const picture = await html(TighteningPattern, { pattern })
    expect(picture).toContain(`Tighten ${words}`)
    expect(picture.match(/<circle/g)).toHaveLength(count)
  })
})
