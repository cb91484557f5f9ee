import { adoptEntries } from '@/features/bench/entries'
import { adoptDraft, type DraftNote } from '@/features/builder/drafts'
import { adoptScans } from '@/features/parts/scans'
import { takeOver } from '@/shared/unsent/pages'

const adopters: Record<string, (content: never) => boolean> = {
  draft: (content: DraftNote) => adoptDraft(content),
  scans: (content: Parameters<typeof adoptScans>[0]) => adoptScans(content),
  entries: (content: Parameters<typeof adoptEntries>[0]) => adoptEntries(content),
}

/** Takes over what pages that are gone could not send. */
export function adoptUnsent(): Promise<void> {
  return takeOver((kind, content) => adopters[kind]?.(content as never) ?? false)
}
