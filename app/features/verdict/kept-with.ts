/**
 * What was worked out of a thing and of what else is named, kept for as long as the thing is: pages that are drawn one
 * after the other, by a server or in a browser, do not work it out again.
 */
export function keptWith<Thing extends object, Value>(): (thing: Thing, named: string, work: () => Value) => Value {
  const byThing = new WeakMap<Thing, Map<string, Value>>()
  return (thing, named, work) => {
    const known = byThing.get(thing) ?? new Map<string, Value>()
    byThing.set(thing, known)
    if (!known.has(named)) known.set(named, work())
    return known.get(named) as Value
  }
}
