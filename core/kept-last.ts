/**
 * A work on two things that is done once as long as it is asked for the same two: what it came to last is kept with the
 * first. Both are told by being the same object.
 *
 * @param work what is done; it follows from the two alone
 * @example keptLast((list, factor) => list.map((one) => one * factor))([1, 2], 3) // => [3, 6]
 */
export function keptLast<Thing extends object, Beside, Value>(
  work: (thing: Thing, beside: Beside) => Value,
): (thing: Thing, beside: Beside) => Value {
  const kept = new WeakMap<Thing, { beside: Beside; value: Value }>()
  return (thing, beside) => {
    const known = kept.get(thing)
    if (known && known.beside === beside) return known.value
    const value = work(thing, beside)
    kept.set(thing, { beside, value })
    return value
  }
}
