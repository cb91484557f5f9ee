import type { WorkEngine } from './api/types'

export interface PlateRow {
  path: string
  label: string
  texts: { engine: string; text: string | null; detail: string | null; source: string | null }[]
}

export interface PlateGroup {
  name: string
  rows: PlateRow[]
}

/** The figures that hands look for, section by section, engines side by side; a figure that an engine lacks is a gap. */
export function plateOf(engines: WorkEngine[]): PlateGroup[] {
  const groups = new Map<string, Map<string, PlateRow>>()
  for (const engine of engines) {
    for (const figure of engine.plate.filter((each) => each.measured ?? true)) {
      const rows = groups.get(figure.group ?? '') ?? new Map<string, PlateRow>()
      groups.set(figure.group ?? '', rows)
      rows.set(figure.path, rows.get(figure.path) ?? { path: figure.path, label: figure.label, texts: [] })
    }
  }
  return [...groups].map(([name, rows]) => ({
    name,
    rows: [...rows.values()].map((row) => ({
      ...row,
      texts: engines.map((engine) => {
        const found = engine.plate.find((figure) => figure.path === row.path)
        return {
          engine: engine.label,
          text: found?.text ?? null,
          detail: found?.detail ?? null,
          source: found?.source ?? null,
        }
      }),
    })),
  }))
}
