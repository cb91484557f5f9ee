/** A version 7 UUID: the time in front, so that entries sort as they were made. */
export function uuid7(now: number, random: Uint8Array = crypto.getRandomValues(new Uint8Array(10))): string {
  const time = now.toString(16).padStart(12, '0')
  const hex = [...random].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  const variant = (8 + (Number.parseInt(hex[3] ?? '0', 16) % 4)).toString(16)
  return `${time.slice(0, 8)}-${time.slice(8)}-7${hex.slice(0, 3)}-${variant}${hex.slice(4, 7)}-${hex.slice(7, 19)}`
}
