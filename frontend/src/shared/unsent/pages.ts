/*
 * What this page has not got an answer for is noted in the browser, so that it outlives the page. A note of a page that
 * is gone is taken over by whichever page asks next; a page that is still open answers that it is there.
 */
const PREFIX = 'unsent.'
const HEARD_WITHIN_MS = 300

interface Note {
  page: string
  kind: string
  name: string
  content: unknown
}

/** Sixteen random bytes as hexadecimal digits: a name that nobody else has. */
export function freshName(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

const here = freshName()
const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('fresh-tack.pages')
const heard = new Set<string>()

channel?.addEventListener('message', ({ data }: MessageEvent<{ ask?: string; is?: string }>) => {
  if (data.ask === here) {
    channel.postMessage({ is: here })
  }
  if (data.is !== undefined) {
    heard.add(data.is)
  }
})

function keyOf(page: string, name: string): string {
  return `${PREFIX}${page}.${name}`
}

/** Notes `content`, which JSON can say, in place of what was noted under this name; `kind` says who can send it. */
export function note(kind: string, name: string, content: unknown): void {
  localStorage.setItem(keyOf(here, name), JSON.stringify({ page: here, kind, name, content } satisfies Note))
}

export function forget(name: string): void {
  localStorage.removeItem(keyOf(here, name))
}

function foreign(): Note[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .map((key) => JSON.parse(localStorage.getItem(key) ?? 'null') as Note | null)
    .filter((each): each is Note => each !== null && each.page !== here)
}

/**
 * Offers what pages noted that are gone, one after the other; what is taken is struck out, as it is noted here from then
 * on. The rest waits for the next page.
 */
export async function takeOver(take: (kind: string, content: unknown) => boolean): Promise<void> {
  const pages = new Set(foreign().map((each) => each.page))
  if (pages.size === 0) {
    return
  }
  heard.clear()
  for (const page of pages) {
    channel?.postMessage({ ask: page })
  }
  await new Promise((resolve) => setTimeout(resolve, HEARD_WITHIN_MS))
  for (const { page, kind, name, content } of foreign()) {
    if (pages.has(page) && !heard.has(page) && take(kind, content)) {
      localStorage.removeItem(keyOf(page, name))
    }
  }
}
