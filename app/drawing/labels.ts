export interface LabelBox {
  /** Middle of the part, and of the label where there is room. */
  x: number
  width: number
}

export interface PlacedLabel {
  /** Middle of the label. */
  x: number
  row: number
}

/**
 * Places labels below their parts so that none overlaps another: each goes to the first row where it
 * fits, pushed inside the edges, at most `rows` rows; the last row shifts to the right if it must.
 *
 * @param boxes from left to right
 * @param edges left and right limit
 * @example placeLabels([{ x: 50, width: 40 }, { x: 60, width: 40 }], [0, 200], 2)
 * // => [{ x: 50, row: 0 }, { x: 60, row: 1 }]
 */
export function placeLabels(boxes: readonly LabelBox[], edges: readonly [number, number], rows: number): PlacedLabel[] {
  const gap = 10
  const reach = Array.from({ length: rows }, () => edges[0] - gap)
  return boxes.map(({ x, width }) => {
    const inside = Math.max(edges[0] + width / 2, Math.min(edges[1] - width / 2, x))
    const free = reach.findIndex((end) => inside - width / 2 >= end + gap)
    const leastReach = Math.min(...reach)
    const row = free >= 0 ? free : reach.indexOf(leastReach)
    const placed = free >= 0 ? inside : Math.min(Math.max(inside, leastReach + gap + width / 2), edges[1] - width / 2)
    reach[row] = placed + width / 2
    return { x: placed, row }
  })
}
