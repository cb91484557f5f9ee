import { describe, expect, it } from 'vitest'
import { movesSince, ontoRig } from '@/features/checkin/keptDraft'
import type { Draft, Engine } from '@/shared/api/types'

const drafted = (engineId: number, hours: string) => ({ engineId, model: 'D12', serial: `D12-${engineId}`, hours })
const draft = (...engines: object[]): Draft => ({ complaint: 'smokes', engines }) as Draft
const hung = (id: number): Engine => ({ id, label: `Engine ${id}`, model: 'D12', serial: `D12-${id}` }) as Engine

describe('a check-in that was kept from before', () => {
  const kept = draft(drafted(1, '10'), drafted(2, '20'))

  it('keeps what was typed for the engines that still hang there, and asks for the new one', () => {
    const today = draft(drafted(2, ''), drafted(3, ''))
    expect(ontoRig(kept, today)).toEqual(draft(drafted(2, '20'), drafted(3, '')))
    expect(movesSince(kept, { engines: [hung(2), hung(3)], draft: today })).toEqual([
      'Engine 3: D12 D12-3 hangs here since. Enter it as well.',
      'D12 D12-1 hangs on this boat no more. What was entered for it is left out.',
    ])
  })

  it('says nothing where nothing has moved', () => {
    expect(movesSince(kept, { engines: [hung(1), hung(2)], draft: kept })).toEqual([])
  })
})
