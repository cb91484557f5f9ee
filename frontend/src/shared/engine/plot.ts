import type { Engine } from '@/shared/api/types'

/** The limit of hours that an engine reaches first, in hours run in all, and when it will. */
export function nextLimit(
  engine: Engine,
): { total: string; earliest: string; likely: string; latest: string | null } | null {
  const ahead = engine.dues
    .filter((due) => due.forecast !== null && due.hoursLeft !== null)
    .sort((a, b) => Number(a.hoursLeft) - Number(b.hoursLeft))[0]
  if (!ahead?.forecast || engine.totalHours === null) {
    return null
  }
  const { earliest, likely, latest } = ahead.forecast
  return { total: (Number(engine.totalHours) + Number(ahead.hoursLeft)).toFixed(1), earliest, likely, latest }
}
