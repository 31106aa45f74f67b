/** One number takes the place of another. */
export interface Replacement {
  productId: string
  replacesId: string
}

/**
 * The circle that one more replacement would close: the numbers from it over those that they replace back to itself.
 *
 * @param known replacements so far
 * @param added the one more
 * @returns ids from the product to itself; undefined where there is no circle
 * @example
 * circleOf([{ productId: 'b', replacesId: 'a' }], { productId: 'a', replacesId: 'b' }) // => ['a', 'b', 'a']
 */
export function circleOf(known: readonly Replacement[], { productId, replacesId }: Replacement): string[] | undefined {
  const waiting = [[productId, replacesId]]
  const seen = new Set<string>()
  for (let path = waiting.shift(); path; path = waiting.shift()) {
    const last = path.at(-1)
    if (last === undefined || seen.has(last)) continue
    if (last === productId) return path
    seen.add(last)
    for (const next of known) if (next.productId === last) waiting.push([...path, next.replacesId])
  }
  return undefined
}
