import type { Draft, Engine } from '@/shared/api/types'

/** What was typed before, laid onto the engines that hang there today: each keeps what was typed for it, by what it is. */
export function ontoRig(kept: Draft, today: Draft): Draft {
  return {
    ...kept,
    engines: today.engines.map((hung) => {
      const typed = kept.engines.find((each) => each.engineId === hung.engineId)
      return typed ?? hung
    }),
  }
}

/** What hangs otherwise than when it was typed, in words. */
export function movesSince(kept: Draft, { engines, draft }: { engines: Engine[]; draft: Draft }): string[] {
  const known = new Set(kept.engines.map((each) => each.engineId))
  const hung = new Set(draft.engines.map((each) => each.engineId))
  return [
    ...engines
      .filter((engine) => !known.has(engine.id))
      .map((engine) => `${engine.label}: ${engine.model} ${engine.serial} hangs here since. Enter it as well.`),
    ...kept.engines
      .filter((each) => !hung.has(each.engineId))
      .map((each) => `${each.model} ${each.serial} hangs on this boat no more. What was entered for it is left out.`),
  ]
}
