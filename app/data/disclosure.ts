import { formatCount } from '#core/quantity/format.ts'
import type { EvaluatedColumn } from './lineup-evaluation.server.ts'

/** How many specimens of a column were opened, and who gave them. */
export function disclosureOf({ specimens, given }: Pick<EvaluatedColumn, 'specimens' | 'given'>): string {
  const opened = formatCount(specimens, 'specimen')
  return given.length > 0 ? `${opened}, a sample given by ${given.join(', ')}` : opened
}
