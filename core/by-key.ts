/**
 * The one of a list that has a key.
 *
 * @param list of things with keys of their own
 * @param key of one of them
 * @throws Error when there is none: a fault of the program
 * @example byKey([{ key: 'cut', label: 'the cut' }], 'cut').label // => 'the cut'
 */
export function byKey<One extends { key: string }>(list: readonly One[], key: One['key']): One {
  const found = list.find((one) => one.key === key)
  if (!found) throw new Error(`Nothing has the key "${key}"`)
  return found
}
