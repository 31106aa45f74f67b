import type { FilterForm } from '#core/catalogue/index.ts'
import type { Assessment } from '#core/figures/assess.ts'

/** One column of a line-up: one revision of one product, with its specimens assessed. */
export interface RevisionColumn {
  /** Id of the revision. */
  id: string
  form: FilterForm
  specimens: { id: string; assessment: Assessment }[]
}
