/**
 * Things by a key, each group in the order of the things.
 *
 * @param things in order
 * @param keyOf a thing
 * @example groupBy([1, 2, 3], (n) => n % 2).get(1) // => [1, 3]
 */
export function groupBy<Thing, Key>(things: Iterable<Thing>, keyOf: (thing: Thing) => Key): Map<Key, Thing[]> {
  const groups = new Map<Key, Thing[]>()
  for (const thing of things) {
    const key = keyOf(thing)
    const group = groups.get(key)
    if (group) group.push(thing)
    else groups.set(key, [thing])
  }
  return groups
}
