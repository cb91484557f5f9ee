import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue'
import type { Draft, Due, Engine } from '@/shared/api/types'

type TaskName = Due['task']
type RenewableName = NonNullable<Draft['engines'][number]['renew']>[number]

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
    entry.renew = (entry.renew ?? []).filter((each) => kept.has(each))
    changed()
  }

  /** Whether a picked task renews what the sheet only asks to look at or to clean. */
  function isRenewed(engine: Engine, task: TaskName): boolean {
    return (drafted(engine)?.renew ?? []).some((each) => each === task)
  }
  /** Picks it where it was not. */
  function setRenewed(engine: Engine, task: TaskName, on: boolean): void {
    if (due(engine, task)?.renewable !== true || !isOrderable(task)) {
      return
    }
    if (!isPicked(engine, task)) {
      set(engine, task, true)
    }
    const entry = drafted(engine)
    if (entry) {
      const others = (entry.renew ?? []).filter((each) => each !== task)
      entry.renew = on ? [...others, task as RenewableName] : others
      changed()
    }
  }

  /** The engines on which a task can be ordered. */
  function knowing(task: TaskName): Engine[] {
    return toValue(engines).filter((engine) => due(engine, task) !== undefined && isOrderable(task))
  }
  /** One task at all engines that know it: picked at all of them, or dropped where it is picked at all. */
  function setRow(task: TaskName): void {
    const all = knowing(task)
    const on = !all.every((engine) => isPicked(engine, task))
    for (const engine of all) {
      set(engine, task, on)
    }
  }

  /**
   * Everything due, overdue or without a record, each once; what is due soon is left to the writer.
   *
   * @returns how many were not picked before
   */
  function pickAllDue(): number {
    let picked = 0
    for (const engine of toValue(engines)) {
      for (const each of engine.dues.filter(
        (candidate) => candidate.listedIn === null && ['due', 'overdue', 'no_record'].includes(candidate.state),
      )) {
        picked += isPicked(engine, each.task) || !isOrderable(each.task) ? 0 : 1
        set(engine, each.task, true)
      }
    }
    return picked
  }

  return { rows, due, isOrderable, isPicked, isRenewed, set, setRenewed, setRow, pickAllDue }
}
