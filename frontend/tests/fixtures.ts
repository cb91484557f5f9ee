import type { Bench, Due, Engine, EngineIdentity, Operation, Pressing, Step } from '@/shared/api/types'

/** Made-up answers of the server, complete in their types, with what a test cares about put in. */
export function aDue(change: Partial<Due> = {}): Due {
  return {
    task: 'engine_oil',
    title: 'Engine oil',
    action: 'renew',
    interval: 'every 160 h or 12 months',
    within: null,
    listedIn: null,
    renewable: false,
    state: 'not_due',
    by: null,
    why: 'Not due yet.',
    dueDate: null,
    dueHours: null,
    daysLeft: null,
    hoursLeft: null,
    hoursShare: 0.5,
    calendarShare: 0.25,
    last: null,
    expectedOn: null,
    byUse: false,
    forecast: null,
    severe: null,
    declined: null,
    ...change,
  }
}

const identity: EngineIdentity = {
  id: 1,
  boatId: 1,
  position: 'port',
  label: 'Port',
  model: 'K165',
  serial: 'KS4-10412',
  year: null,
  gearcase: null,
  inService: '2023-05-01',
  warrantyUntil: null,
  hasMeter: true,
  version: 1,
}

export function anEngine(change: Partial<Engine> = {}): Engine {
  return {
    ...identity,
    hours: '611.4',
    totalHours: '611.4',
    readOn: '2026-03-18',
    rate: null,
    identification: { sheet: { id: 'kestrane-k165-early', revision: 3 }, refusal: null },
    dues: [
      aDue({ state: 'due', by: 'hours' }),
      aDue({ task: 'oil_filter', title: 'Oil filter', within: 'engine_oil', state: 'soon', by: 'hours' }),
    ],
    ...change,
  }
}

export function aPressing(change: Partial<Pressing> = {}): Pressing {
  return {
    boat: {
      boatId: 1,
      name: 'Brisk Tern',
      kind: 'water taxi',
      customer: 'Verrin Inlet Water Taxi',
      registration: 'VI 2041',
      engines: [`${identity.model} ${identity.serial}`],
      openOrder: null,
    },
    engine: identity,
    hours: '611.4',
    state: 'due',
    dueOn: '2026-03-01',
    expectedOn: '2026-03-01',
    tasks: [],
    ...change,
  }
}

export function aStep(id: string, change: Partial<Step> = {}): Step {
  return {
    id,
    text: 'Do it.',
    figure: null,
    beside: null,
    check: null,
    slip: null,
    entry: 'tick',
    must: false,
    tightening: null,
    event: null,
    effects: [],
    uses: [],
    rows: [],
    warning: null,
    ...change,
  }
}

export function anOperation(id: string, steps: Step[], change: Partial<Operation> = {}): Operation {
  return {
    id,
    position: 'port',
    label: 'Port',
    task: null,
    title: id,
    attendedMin: 4,
    presenceMin: 0,
    unattendedMin: 0,
    people: 1,
    needs: {
      open: [],
      shut: [],
      gates: [],
      attitude: null,
      lockout: 'locked',
      restMin: 0,
      opens: null,
      closes: null,
      zone: 'powerhead',
      together: null,
    },
    why: 'Because.',
    gates: [],
    cautions: [],
    steps,
    ...change,
  }
}

export function aBench(operations: Operation[], change: Partial<Bench> = {}): Bench {
  const volume = { value: '0.92', unit: 'l', text: '0.92 l' } as const
  return {
    order: {
      number: 2471,
      boatId: 1,
      status: 'in_work',
      version: '2471.3',
      openedBy: 'ines',
      openedAt: '2026-03-18T08:00:00+00:00',
      issuedAt: '2026-03-18T08:10:00+00:00',
      issuedBy: 'ines',
      releasedAt: null,
      releasedBy: null,
      readyBy: null,
      closing: null,
    },
    mark: 'a',
    claims: [],
    engines: [],
    waste: [],
    // the generated type also lists the schema's own definitions, which no answer carries
    document: {
      format: 'fresh-tack/work-order/2',
      order: '2471',
      day: '2026-03-18',
      place: 'on the lift',
      air: '−4 °C to 29 °C',
      engines: [
        {
          position: 'port',
          label: 'Port',
          model: 'K165',
          serial: 'KS4-10412',
          hours: '611.4',
          sheet: { id: 'kestrane-k165-early', revision: 3 },
          tasks: [],
          blocked: [],
          oil: null,
          arrival: null,
          level: {
            span: volume,
            band: { low: '0.45', high: '0.75' },
            topUpMax: volume,
            roundTo: volume,
            restAfterRunMin: 25,
            restAfterPourMin: 6,
          },
          plate: [],
        },
      ],
      operations,
      oil: [],
      findings: [],
      parts: [],
      tools: [],
      cautions: [],
      labour: {
        handsOnMin: 40,
        secondHandMin: 0,
        secondHandSold: true,
        presenceMin: 0,
        unattendedMin: 20,
        soldTenths: 7,
        changes: 0,
      },
      issuable: true,
    } as unknown as Bench['document'],
    now: '2026-03-18T09:00:00+00:00',
    timers: [],
    observations: [],
    steps: operations.flatMap((operation) =>
      operation.steps.map((step) => ({
        id: step.id,
        done: false,
        answer: null,
        notYet: null,
        timed: false,
        wrenches: [],
        together: [],
        before: [],
        cautions: { span: `${operation.position} 1`, read: false },
      })),
    ),
    oil: [],
    pools: [],
    stoppedBy: null,
    parked: null,
    released: [],
    findings: [],
    parts: [],
    entries: [],
    wrenches: ['TW-1'],
    ...change,
  }
}
