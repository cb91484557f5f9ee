import { computed, ref, type Ref } from 'vue'
import { asProblem } from '@/shared/api/client'
import type { Bench, BenchChange, EntryValue, NewEntry } from '@/shared/api/types'
import { dropKept } from '@/shared/kept'
import { unreadIn } from './cautions'
import { newEntry, type Entries } from './entries'
import { measureKey } from './measure'
import type { BenchStep } from './useBench'

/** Entries that only tell something: there is nothing to take back, and nothing to correct with an answer. */
const telling = new Set([
  'note',
  'decision',
  'parked',
  'taken_back',
  'part_used',
  'found',
  'settled',
  'waited',
  'acknowledged',
])

export function tellsOnly(kind: string): boolean {
  return telling.has(kind)
}

interface Tried {
  kind: NewEntry['kind']
  value: EntryValue
  why: string
}

interface Shown {
  number: number
  bench: Ref<Bench | undefined>
  current: Ref<BenchStep | null>
  sender: Entries
  enter: (entries: NewEntry[]) => Promise<BenchChange>
  /** Shows a step, though another was next meanwhile. */
  show: (stepId: string) => void
  /** Goes on from a step that is settled. */
  onward: (from: BenchStep) => void
}

/** What is entered at the step that is shown, and what was wrong with it. */
export function useEntering({ number, bench, current, sender, enter, show, onward }: Shown) {
  const sending = computed(() => sender.queue.length > 0)
  /** As long as that step is shown. */
  const problem = ref<{ stepId: string; error: unknown; tried: Tried | null } | null>(null)

  /** On to the next step once this one is settled, else stay and show what the bench advises. */
  async function send(kind: NewEntry['kind'], value: EntryValue, happened = false, why = ''): Promise<void> {
    const here = current.value
    if (here === null || sending.value) {
      return
    }
    const entered = (bench.value?.entries ?? []).filter((entry) => entry.stepId === here.step.id)
    if (kind === 'tick' && entered.at(-1)?.kind === 'tick') {
      onward(here)
      return
    }
    show(here.step.id)
    // that it could not be done corrects whatever was said of it
    const said = entered.filter((entry) => (kind === 'not_done' ? !tellsOnly(entry.kind) : entry.kind === kind))
    const corrects = here.done && kind !== 'note' && kind !== 'decision' ? (said.at(-1)?.uuid ?? null) : null
    try {
      const after = await enter([
        ...(kind === 'tick' ? acknowledged([here]) : []),
        ...enteredWith(here, kind).map((stepId) => newEntry(stepId, 'tick', {})),
        newEntry(here.step.id, kind, value, corrects, {
          ...(happened ? { happened } : {}),
          ...(corrects === null
            ? {}
            : { why: [why, value.text, value.cause].find((each) => each !== undefined && each !== '') ?? '' }),
        }),
      ])
      dropKept(measureKey(number, here.step.id))
      settle(here, after, [here])
    } catch (refused) {
      refuse(here.step.id, refused, happened ? null : { kind, value, why })
    }
  }

  /** Plain steps by one press. Where one of them is refused, those before it are entered, and that one is shown. */
  async function sendRun(run: BenchStep[]): Promise<void> {
    const last = run.at(-1)
    if (last === undefined || sending.value) {
      return
    }
    const read = acknowledged(run)
    try {
      settle(last, await enter([...read, ...run.map(({ step }) => newEntry(step.id, 'tick', {}))]), run)
    } catch (refused) {
      const place = Math.max(0, placeOf(refused) - read.length)
      const barred = run[place]
      if (place > 0 && barred !== undefined) {
        await sendRun(run.slice(0, place))
        show(barred.step.id)
      }
      refuse((barred ?? last).step.id, refused, { kind: 'tick', value: {}, why: '' })
    }
  }

  /** What was refused happened all the same. */
  async function again(): Promise<void> {
    const tried = problem.value?.tried ?? null
    problem.value = null
    if (tried !== null) {
      await send(tried.kind, tried.value, true, tried.why)
    }
  }

  async function tell(entry: NewEntry, ...more: NewEntry[]): Promise<void> {
    problem.value = null
    await enter([entry, ...more]).catch((refused: unknown) => refuse(entry.stepId, refused, null))
  }

  function refuse(stepId: string, error: unknown, tried: Tried | null): void {
    if (tried !== null) {
      show(stepId)
    }
    problem.value = { stepId, error, tried }
  }

  /** An answer that comes after the step was left moves nothing. */
  function settle(here: BenchStep, after: BenchChange, shown: (BenchStep | null)[]): void {
    const state = after.steps.find((each) => each.id === here.step.id)
    const isSettled = state !== undefined && (state.done || state.answer !== null)
    const isShown = shown.some((each) => each?.step.id === current.value?.step.id)
    const isFound = after.findings.some((each) => each.stepId === here.step.id && each.settled === null)
    if (isShown && isSettled && after.stoppedBy === null && !isFound) {
      onward(here)
    }
  }

  return { sending, problem, send, sendRun, again, tell }
}

/** What is done once this is entered. That it could not be done says nothing of what leads up to it; a rest is over in any case. */
export function enteredWith(here: BenchStep, kind: NewEntry['kind']): string[] {
  const isLeftOut = ['not_done', 'dropped'].includes(kind) && !here.step.entry.includes('level')
  return isLeftOut || tellsOnly(kind) ? [] : here.before
}

/** That the cautions were read which the press says that one has read. */
function acknowledged(run: BenchStep[]): NewEntry[] {
  return unreadIn(run).map(({ step }) => newEntry(step.id, 'acknowledged', {}))
}

/** Which entry of a batch was refused; the first, where nobody says. */
function placeOf(refused: unknown): number {
  const pointer = [...(asProblem(refused)?.fields.keys() ?? [])][0] ?? ''
  return Number(/^\/entries\/(\d+)/.exec(pointer)?.[1] ?? 0)
}
