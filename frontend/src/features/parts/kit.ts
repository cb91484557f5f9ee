import type { Part } from '@/shared/api/types'

/** A kit as one types it: `DM-20961:1 DM-11407:2`. */
export function kitText(kit: Part['kit']): string {
  return kit.map((line) => `${line.part}:${line.count}`).join(' ')
}

/** A piece without a count is one; a count that is none becomes 0, which the server refuses at its field. */
export function readKit(words: string): Part['kit'] {
  return words
    .split(/\s+/)
    .filter(Boolean)
    .map((word) => {
      const [part = '', count = '1'] = word.split(':')
      return { part, count: /^\d+$/.test(count) ? Number(count) : 0 }
    })
}
