import type { Block } from './block.ts'
import { drawBlock, drawnLines } from './draw-block.ts'
import { insertedValues } from './inserted-values.ts'
import type { ReviewDocument } from './review-document.ts'
import type { ReviewMaterial } from './review-material.ts'
import { lineChanges, type SectionChange } from './review-version.ts'

/**
 * A review written out from its blocks.
 *
 * @param review its title and blocks
 * @param material what they draw from
 * @param corrections dated words on what was wrong, the latest first
 * @example
 * composeReview({ title: 'T', blocks: [] }, reviewMaterial, []).sections // => []
 */
export const composeReview = (
  { title, blocks }: { title: string; blocks: readonly Block[] },
  material: ReviewMaterial,
  corrections: ReviewDocument['corrections'],
): ReviewDocument => ({
  title,
  engine: material.engine,
  corrections,
  sections: blocks.map((block) => drawBlock(block, material)),
})

/**
 * What a block draws now that it did not draw when it was last looked through, its figures with it.
 *
 * @returns none where the data have not moved, or it was never looked through
 * @example blockChanges({ ...newBlock('b', 'words'), seen: ['gone'] }, reviewMaterial)?.gone // => ['gone']
 */
export function blockChanges(block: Block, material: ReviewMaterial): SectionChange | undefined {
  if (block.seen === null) return undefined
  const values = insertedValues(block.prose, material, block.values).filter(({ was }) => was !== undefined)
  const [change] = lineChanges(
    block.id,
    [...block.seen, ...values.map(({ name, was }) => `${name}: ${was ?? ''}`)],
    [...drawnLines(block, material), ...values.map(({ name, text }) => `${name}: ${text ?? 'not found'}`)],
  )
  return change
}

/**
 * A block as it is once it was looked through: what it draws now is what was seen.
 *
 * @example lookedThrough(newBlock('b', 'words'), reviewMaterial).seen // => []
 */
export const lookedThrough = (block: Block, material: ReviewMaterial): Block => ({
  ...block,
  seen: drawnLines(block, material),
  values: Object.fromEntries(
    insertedValues(block.prose, material, {}).flatMap(({ name, text }) => (text === undefined ? [] : [[name, text]])),
  ),
})
