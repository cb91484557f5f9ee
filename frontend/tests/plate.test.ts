import { describe, expect, it } from 'vitest'
import type { WorkEngine } from '@/shared/api/types'
import { plateOf } from '@/shared/plate'
import PlateTable from '@/shared/ui/PlateTable.vue'
import { aBench } from './fixtures'
import { words } from './shown'

const figure = (path: string, text: string, measured = true) => ({
  path,
  label: path,
  text,
  detail: null,
  source: 'Workshop book, p. 4',
  group: path.startsWith('drain') ? 'Oil and filter' : 'Gearcase and propeller',
  measured,
})
const base = aBench([]).document.engines[0]
function engine(label: string, plate: WorkEngine['plate']): WorkEngine {
  if (base === undefined) {
    throw new Error('The fixture has no engine.')
  }
  return { ...base, label, plate }
}
const port = engine('Port', [
  figure('drain.wrench', '13 mm'),
  figure('drain.place', 'port side', false),
  figure('gearcase.volume', '0.92 l'),
])

describe('the plate of figures', () => {
  it('shows what hands look for, by section, and no places or words', () => {
    expect(plateOf([port]).map((group) => [group.name, group.rows.map((row) => row.path)])).toEqual([
      ['Oil and filter', ['drain.wrench']],
      ['Gearcase and propeller', ['gearcase.volume']],
    ])
  })

  it('says once what all engines share, side by side what differs, and what one lacks', async () => {
    const starboard = engine('Starboard', [figure('drain.wrench', '13 mm'), figure('drain.torque', '8 N·m')])
    const shown = await words(PlateTable, { engines: [port, starboard] })
    expect(shown).toContain('drain.wrench 13 mm drain.torque Port not known Starboard 8 N·m')
    expect(shown).toContain('gearcase.volume Port 0.92 l Starboard not known')
  })
})
