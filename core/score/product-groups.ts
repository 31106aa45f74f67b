import type { DrawProblem } from './draw-problem.ts'

/**
 * Which products are drawn together, because cells of theirs are linked: scores of different groups are independent as
 * long as the weights are fixed.
 *
 * @param problem see {@link DrawProblem}
 * @returns number of its group by product, from nought
 * @example productGroups(twoProducts) // => [0, 1]
 */
export function productGroups({ products, criteria, links }: Pick<DrawProblem, 'products' | 'criteria' | 'links'>) {
  let groups = Array.from({ length: products }, (_, product) => product)
  const firstOfLink = new Map<number, number>()
  for (const [cell, link] of links.entries()) {
    if (link === 0) continue
    const product = Math.floor(cell / criteria)
    const first = firstOfLink.get(link)
    if (first === undefined) firstOfLink.set(link, product)
    else {
      const [one, other] = [groups[first], groups[product]]
      groups = groups.map((group) => (group === other ? (one ?? group) : group))
    }
  }
  const numbers = [...new Set(groups)]
  return groups.map((group) => numbers.indexOf(group))
}
