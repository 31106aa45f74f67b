/** So many equal shares of chance has a table of points, and so many draws a block. */
export const quantiles = 1024

/** How the weights are drawn: as the school has them, around them, or free of any. */
export type WeightDraw = 'fixed' | 'around' | 'free'

/** What is known of a cell: nothing that counts, something with chances of its own, or only what such filters have. */
export const cellKinds = { none: 0, known: 1, open: 2 } as const

/**
 * Points that stand for a fault that ends the discussion: whoever draws it falls so low that it is told by the score.
 */
export const endsDiscussion = -1e6

/** Scores of products by criteria as chances, in flat arrays: cell (i, j) stands at i · criteria + j. */
export interface DrawProblem {
  products: number
  criteria: number
  /** Equally likely points, cell by cell; those of open cells rise. */
  points: Float32Array
  /** One of {@link cellKinds}, by cell. */
  kinds: Uint8Array
  /** Cells with the same number above nought are drawn together: their points stand in one order. */
  links: Uint16Array
  /** 1 for a criterion that only takes points away: its weight is no part of the mean. */
  penalty: Uint8Array
  /** How good a product is all in all, as far as its known answers tell: mean and deviation, in normal scores. */
  quality: Float64Array
  /** Correlation of what is open of one product, through its quality. */
  correlation: number
  /** Weights of the school. */
  weights: Float64Array
  /** Highest score of each product, 0 to 100: below 100 where a fault caps it. */
  caps: Float64Array
  /** Highest score of one for which a fault that ends the discussion is drawn. */
  cap: number
  draw: WeightDraw
  /** With `around`: each weight is drawn evenly within this share of itself, above and below. */
  spread: number
  seed: number
}
