/** A copy of plain data (what JSON can say), free of the reactivity of what it was copied from. */
export function plainCopy<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T
}
