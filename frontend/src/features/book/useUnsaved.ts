import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import type { SheetPage } from '@/shared/api/types'
import { useKept } from '@/shared/kept'
import { bare, tidied, type Raw } from '@/shared/value/raw'
import type { SheetChange } from './useSheet'

export interface Unsaved {
  value: Raw | null
  page: string
}

/** Values as typed and not yet confirmed, by path; they outlive a reload, and somebody else's change. */
export function useUnsaved(sheet: MaybeRefOrGetter<SheetPage | undefined>, key: MaybeRefOrGetter<string>) {
  const { kept, forget } = useKept<Record<string, Unsaved>>(key)
  const source = useKept<{ document: string; revision: string }>('book-source')
  const stored = (path: string): Raw | null => (toValue(sheet)?.document.values[path] as Raw | null | undefined) ?? null

  function of(path: string): Unsaved {
    return kept.value?.[path] ?? { value: withoutSource(stored(path)), page: pageOf(stored(path)) }
  }
  function set(path: string, unsaved: Unsaved): void {
    kept.value = { ...kept.value, [path]: unsaved }
  }
  function drop(paths: string[]): void {
    kept.value = Object.fromEntries(Object.entries(kept.value ?? {}).filter(([path]) => !paths.includes(path)))
  }
  const changed = (path: string): boolean => {
    const typed = kept.value?.[path]
    return (
      typed !== undefined &&
      (JSON.stringify(typed.value) !== JSON.stringify(withoutSource(stored(path))) ||
        typed.page !== pageOf(stored(path)))
    )
  }

  /** The change that confirms these values from the document at hand; a value that only moved keeps its own document. */
  function change(paths: string[]): SheetChange {
    const at = source.kept.value ?? { document: '', revision: '' }
    const known = Object.entries(toValue(sheet)?.document.sources ?? {})
    const name =
      known.find(([, each]) => each.document === at.document && each.revision === at.revision)?.[0] ?? keyOf(at)
    const values = Object.fromEntries(
      paths.map((path) => {
        const { value, page } = of(path)
        return [
          path,
          value === null
            ? null
            : { ...tidied(value), source: page === '' ? null : name, page: page === '' ? null : page },
        ]
      }),
    )
    return { values, sources: { [name]: at } }
  }

  return {
    of,
    set,
    drop,
    changed,
    change,
    forget,
    source: source.kept,
    paths: computed(() => Object.keys(kept.value ?? {})),
  }
}

function withoutSource(value: Raw | null): Raw | null {
  return value === null ? null : bare(value)
}

function pageOf(value: Raw | null): string {
  return typeof value?.['page'] === 'string' ? value['page'] : ''
}

/** `Kestrane workshop book K165`, revision `D` becomes `kestrane-workshop-book-k165-d`. */
export function keyOf(source: { document: string; revision: string }): string {
  return `${source.document} ${source.revision}`
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 60)
}
