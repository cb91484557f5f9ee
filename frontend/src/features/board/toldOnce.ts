import type { Pressing } from '@/shared/api/types'
import { dayText } from '@/shared/units'

type Task = Pressing['tasks'][number]

/** What one or more engines of a boat need alike. */
export type Line = { key: string; which: string; hours: string; tasks: Task[] }

const most = 4
/** What is told of it: what is told the same is the same. */
const told = (task: Task): string => [task.task, task.state, distance(task)].join()

/** `12.3 h past`, `since 3 Mar 2026`, `expected 4 Dec 2026`. */
export function distance(task: Task): string {
  if (task.state === 'no_record') {
    return ''
  }
  if (task.hoursLeft !== null) {
    return task.hoursLeft === '0.0' ? 'at the limit' : `${task.hoursLeft.slice(1)} h past`
  }
  if (task.expectedOn === null) {
    return ''
  }
  const word = task.state === 'due' || task.state === 'overdue' ? 'since' : task.byUse ? 'by use' : 'on'
  return `${word} ${dayText(task.expectedOn)}`
}

/** What all the engines of a boat need alike, once; then what only some of them need. */
export function toldOnce(engines: Pressing[]): Line[] {
  const [first, ...others] = engines
  if (first === undefined) {
    return []
  }
  const isShared = (task: Task): boolean =>
    others.every((other) => other.tasks.some((each) => told(each) === told(task)))
  const shared = others.length === 0 ? [] : first.tasks.filter(isShared)
  const known = new Set(shared.map(told))
  const own = engines
    .map((each) =>
      lineOf(
        [each],
        each.tasks.filter((task) => !known.has(told(task))),
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
