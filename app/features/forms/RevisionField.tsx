import type { FieldMetadata } from '@conform-to/react'
import { revisionName } from '#app/data/column-name.ts'
import type { Revision } from '#app/data/products.server.ts'
import * as texts from '#app/texts/forms.ts'
import { SelectField } from '#app/ui/Select.tsx'

interface Props {
  field: FieldMetadata<string | undefined>
  revisions: readonly Revision[]
}

/** The revisions of a product to choose from, or all of them. */
export const revisionOptions = (revisions: readonly Revision[]): { value: string; label: string }[] => [
  { value: '', label: texts.allOfThem },
  ...revisions.map(({ id, label }) => ({ value: id, label: revisionName(label) })),
]

/** Which revision of a product it is of; asked only where there are several. */
export function RevisionField({ field, revisions }: Props) {
  if (revisions.length < 2) return null
  return <SelectField field={field} label={texts.ofRevision} options={revisionOptions(revisions)} />
}
