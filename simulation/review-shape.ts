import { readFileSync } from 'node:fs'
import { evidenceKeys, type Evidence, type FilterForm } from '#core/catalogue/index.ts'

/** What one review recorded: a list a product, each with its evidence where it is not the usual one, and repeats. */
export interface ReviewShape {
  form: FilterForm
  products: string[][]
}

export const { reviews } = JSON.parse(readFileSync(new URL('./review-shapes.json', import.meta.url), 'utf8')) as {
  reviews: ReviewShape[]
}

/** As `can.wall x2` or `gasket.material (claimed)`; what is no characteristic is passed over. */
export function parseShape(said: string): { key: string; evidence?: Evidence; repeats: number } {
  const [, key = '', evidence, repeats = '1'] = /^([\w.]+)(?: \((\w+)\))?(?: x(\d+))?$/.exec(said) ?? []
  const named = evidenceKeys.find((one) => one === evidence)
  return { key, ...(named && { evidence: named }), repeats: Number(repeats) }
}
