import * as texts from '#app/texts/verdict.ts'
import type { EvaluatedColumn } from './lineup-evaluation.server.ts'

/** How many specimens of a column were opened, and who gave them. */
export function disclosureOf({ specimens, given }: Pick<EvaluatedColumn, 'specimens' | 'given'>): string {
  const opened = texts.specimens(specimens)
  return given.length > 0 ? texts.aSampleGivenBy(opened, given.join(', ')) : opened
}
