import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue'
import type { Draft, Due, Engine } from '@/shared/api/types'

type TaskName = Due['task']

/** Tasks down, engines across: which cells there are, which are picked, and what picking one brings along. */
export function useGrid(
  engines: MaybeRefOrGetter<Engine[]>,
  draft: Ref<Draft | null>,
  changed: () => void,
  orderable: MaybeRefOrGetter<string[]>,
) {
  const rows = computed(() => {
    const seen = new Map<TaskName, Due>()
    for (const due of toValue(engines).flatMap((engine) => engine.dues)) {
      seen.set(due.task, seen.get(due.task) ?? due)
    }
    return [...seen.values()]
  })

  function drafted(engine: Engine) {
    return draft.value?.engines.find((each) => each.engineId === engine.id)
  }
  function due(engine: Engine, task: TaskName): Due | undefined {
    return engine.dues.find((each) => each.task === task)
  }
  /** Whether the book says how it is done; only then can it be ordered. */
  function isOrderable(task: TaskName): boolean {
    return toValue(orderable).includes(task)
  }
  function isPicked(engine: Engine, task: TaskName): boolean {
    return drafted(engine)?.tasks.includes(task) ?? false
  }

  /** Picking a task picks the one it can't be done without; dropping that one drops it. */
  function set(engine: Engine, task: TaskName, on: boolean): void {
    const entry = drafted(engine)
    if (!entry || (on && !isOrderable(task))) {
      return
    }
    const within = due(engine, task)?.within ?? null
    const inside = engine.dues.filter((each) => each.within === task).map((each) => each.task)
    const gone = new Set(on ? [] : [task, ...inside])
    const added: TaskName[] = on ? [...(within === null ? [] : [within]), task] : []
    const kept = new Set([...entry.tasks, ...added].filter((each) => !gone.has(each)))
    entry.tasks = engine.dues.map((each) => each.task).filter((each) => kept.has(each))
    changed()
  }

  /** Everything due, overdue or without a record, each once; what is due soon is left to the writer. */
  function pickAllDue(): void {
    for (const engine of toValue(engines)) {
      for (const each of engine.dues.filter(
        (candidate) => candidate.listedIn === null && ['due', 'overdue', 'no_record'].includes(candidate.state),
      )) {
        set(engine, each.task, true)
      }
    }
  }

  return { rows, due, isOrderable, isPicked, set, pickAllDue }
}
