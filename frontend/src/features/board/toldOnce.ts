import type { Pressing } from '@/shared/api/types'

type Task = Pressing['tasks'][number]

/** What one or more engines of a boat need alike. */
export type Line = { key: string; which: string; hours: string; tasks: Task[] }

const most = 4
const alike = (task: Task): string => [task.task, task.state, task.hoursLeft, task.expectedOn, task.byUse].join()

/** What all the engines of a boat need alike, once; then what only some of them need. */
export function toldOnce(engines: Pressing[]): Line[] {
  const [first, ...others] = engines
  if (first === undefined) {
    return []
  }
  const isShared = (task: Task): boolean =>
    others.every((other) => other.tasks.some((each) => alike(each) === alike(task)))
  const shared = others.length === 0 ? [] : first.tasks.filter(isShared)
  const known = new Set(shared.map(alike))
  const own = engines
    .map((each) =>
      lineOf(
        [each],
        each.tasks.filter((task) => !known.has(alike(task))),
      ),
    )
    .filter((line) => shared.length === 0 || line.tasks.length > 0)

  return shared.length === 0 ? own : [lineOf(engines, shared), ...own]
}

/** How many of the tasks of a line are told before “more”. */
export const shownOf = (line: Line): { shown: Task[]; more: number } => ({
  shown: line.tasks.slice(0, most),
  more: Math.max(0, line.tasks.length - most),
})

function lineOf(engines: Pressing[], tasks: Task[]): Line {
  const isAll = engines.length > 2 && engines.length === engines[0]?.boat.engines.length
  const models = [...new Set(engines.map((each) => each.engine.model))].join(', ')
  return {
    key: engines.map((each) => each.engine.id).join(),
    which: `${isAll ? `All ${engines.length} engines` : engines.map((each) => each.engine.label).join(', ')} · ${models}`,
    hours: engines.map((each) => (each.hours === null ? 'no meter' : `${each.hours} h`)).join(', '),
    tasks,
  }
}
