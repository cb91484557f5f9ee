import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useGrid } from '@/features/builder/useGrid'
import type { Draft, DraftEngine, Engine } from '@/shared/api/types'
import { aDue, anEngine } from './fixtures'

function drafted(engineId: number): DraftEngine {
  return { engineId, model: 'K165', serial: 'X', hours: '1', reading: null, restMin: 0, decision: null, tasks: [] }
}

function grid(engines: Engine[]) {
  const draft = ref<Draft | null>({
    place: 'shop',
    coldestC: 0,
    warmestC: 20,
    complaint: '',
    engines: engines.map((engine) => drafted(engine.id)),
  })
  const changed = vi.fn()
  return { draft, changed, ...useGrid(() => engines, draft, changed, ['engine_oil', 'oil_filter']) }
}

describe('the grid of tasks and engines', () => {
  it('has a row for every task that any engine knows', () => {
    const engines = [anEngine(), anEngine({ id: 2, position: 'starboard', dues: [aDue()] })]
    expect(grid(engines).rows.value.map((row) => row.task)).toEqual(['engine_oil', 'oil_filter'])
  })

  it('picks the task that another one needs along with it', () => {
    const engine = anEngine()
    const { set, isPicked, draft, changed } = grid([engine])
    set(engine, 'oil_filter', true)
    expect(isPicked(engine, 'engine_oil')).toBe(true)
    expect(draft.value?.engines[0]?.tasks).toEqual(['engine_oil', 'oil_filter'])
    expect(changed).toHaveBeenCalledOnce()
  })

  it('drops the filter with the oil, but not the oil with the filter', () => {
    const engine = anEngine()
    const { set, draft } = grid([engine])
    set(engine, 'oil_filter', true)
    set(engine, 'oil_filter', false)
    expect(draft.value?.engines[0]?.tasks).toEqual(['engine_oil'])
    set(engine, 'oil_filter', true)
    set(engine, 'engine_oil', false)
    expect(draft.value?.engines[0]?.tasks).toEqual([])
  })

  it('picks a task at all engines that know it, and drops it where all have it', () => {
    const engines = [anEngine(), anEngine({ id: 2 }), anEngine({ id: 3, dues: [] })]
    const { set, setRow, draft } = grid(engines)
    const picked = (): string[][] | undefined => draft.value?.engines.map((engine) => engine.tasks)
    set(engines[0] as Engine, 'engine_oil', true)
    setRow('engine_oil')
    expect(picked()).toEqual([['engine_oil'], ['engine_oil'], []])
    setRow('engine_oil')
    expect(picked()).toEqual([[], [], []])
  })

  it('renews on wish what the sheet only asks to look at, and nothing else', () => {
    const engine = anEngine({ dues: [aDue({ action: 'inspect', renewable: true }), aDue({ task: 'oil_filter' })] })
    const { set, setRenewed, isRenewed, draft } = grid([engine])
    const wished = () => draft.value?.engines[0]?.renew
    setRenewed(engine, 'oil_filter', true)
    expect(wished(), 'the filter is renewed anyway').toBeUndefined()
    setRenewed(engine, 'engine_oil', true)
    expect([draft.value?.engines[0]?.tasks, wished()]).toEqual([['engine_oil'], ['engine_oil']])
    expect(isRenewed(engine, 'engine_oil')).toBe(true)
    set(engine, 'engine_oil', false)
    expect(wished(), 'dropped with its task').toEqual([])
  })

  it('says how many it picked that were not', () => {
    const { pickAllDue } = grid([anEngine({ dues: [aDue({ state: 'due' })] })])
    expect([pickAllDue(), pickAllDue()]).toEqual([1, 0])
  })

  it('leaves the other engine alone', () => {
    const port = anEngine()
    const { set, draft } = grid([port, anEngine({ id: 2 })])
    set(port, 'engine_oil', true)
    expect(draft.value?.engines[1]?.tasks).toEqual([])
  })

  it('picks all that is due: not what is only soon', () => {
    const engines = [
      anEngine({ dues: [aDue({ state: 'due' }), aDue({ task: 'oil_filter', within: 'engine_oil', state: 'soon' })] }),
      anEngine({
        id: 2,
        dues: [aDue({ state: 'not_due' }), aDue({ task: 'oil_filter', within: 'engine_oil', state: 'no_record' })],
      }),
    ]
    const { pickAllDue, draft } = grid(engines)
    pickAllDue()
    expect(draft.value?.engines.map((engine) => engine.tasks)).toEqual([['engine_oil'], ['engine_oil', 'oil_filter']])
  })

  it('leaves out what the book does not say how to do, and what a longer task contains', () => {
    const check = aDue({ task: 'timing_belt_check', state: 'due', listedIn: 'timing_belt' })
    const engine = anEngine({ dues: [aDue({ state: 'due' }), aDue({ task: 'spark_plugs', state: 'overdue' }), check] })
    const { pickAllDue, set, draft } = grid([engine])
    pickAllDue()
    expect(draft.value?.engines[0]?.tasks).toEqual(['engine_oil'])
    set(engine, 'spark_plugs', true)
    expect(draft.value?.engines[0]?.tasks).toEqual(['engine_oil'])
  })

  it('does nothing without a draft', () => {
    const engine = anEngine()
    const changed = vi.fn()
    const { set, isPicked } = useGrid([engine], ref(null), changed, ['engine_oil'])
    set(engine, 'engine_oil', true)
    expect(isPicked(engine, 'engine_oil')).toBe(false)
    expect(changed).not.toHaveBeenCalled()
  })
})
