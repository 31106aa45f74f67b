import type { AssessedSpecimen } from '#app/data/assessments.server.ts'

/** One other specimen's value of a characteristic. */
export interface LineupPeer {
  specimen: string
  name: string
  value: number
  /** Another specimen of the same product. */
  own: boolean
}

/** Values of a characteristic of all other specimens of an application: the field beside a reading. */
export function peersOf(
  assessed: readonly AssessedSpecimen[],
  characteristic: string,
  self: { id: string; productId: string },
): LineupPeer[] {
  return assessed.flatMap(({ specimen, assessment }) => {
    const number = assessment.values.get(characteristic)?.number
    if (!number || specimen.id === self.id) return []
    return [
      {
        specimen: specimen.id,
        name: `${specimen.brand} ${specimen.partNumber} ${specimen.label}`,
        value: number.value,
        own: specimen.productId === self.productId,
      },
    ]
  })
}
