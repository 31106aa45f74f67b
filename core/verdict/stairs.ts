import type { Upgrade } from './upgrade.ts'

/** One filter in the order of price, beside the dearest before it that was worth its price. */
export interface Step {
  from: string
  to: string
  /** More money than the step below it. */
  more: number
  upgrade: Upgrade
  /** Whether it is a step of the stairs: it buys something that no cheaper one has. */
  isStep: boolean
  /** Points of a hundred above the cheapest, by the steps below it. */
  height: number
}

/**
 * The stairs from the cheapest filter up: in the order of price each is set against the last step, and is one itself
 * when it buys something more.
 *
 * Source: common practice, no published source.
 *
 * @param offered those that pass, with their price in the smallest unit of one currency
 * @param between what the step from the one (second) to the other (first) buys
 * @returns one less than were offered; of those at one price the first is kept as the lower
 * @example climb([{ id: 'a', price: 500 }], () => ({ differences: [], worth: 0, outcome: 'nothing' })) // => []
 */
export function climb(
  offered: readonly { id: string; price: number }[],
  between: (to: string, from: string) => Upgrade,
): Step[] {
  const [lowest, ...dearer] = [...offered].sort((a, b) => a.price - b.price)
  if (!lowest) return []
  let top = { ...lowest, height: 0 }
  return dearer.map((one) => {
    const upgrade = between(one.id, top.id)
    const isStep = upgrade.outcome === 'better'
    const step = {
      ...{ from: top.id, to: one.id, more: one.price - top.price, upgrade, isStep },
      height: top.height + upgrade.worth,
    }
    if (isStep) top = { ...one, height: step.height }
    return step
  })
}
