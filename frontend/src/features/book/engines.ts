/** `slim, heavy` as its words. */
export function wordsOf(text: string): string[] {
  return text
    .split(',')
    .map((word) => word.trim())
    .filter(Boolean)
}

/** A whole number as typed; anything else becomes -1, which the server refuses at its field. */
export function wholeOf(text: string): number {
  return /^\d+$/.test(text.trim()) ? Number(text) : -1
}
