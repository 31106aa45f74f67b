import { fitmentChecks } from '#core/kin/fitment-checks.ts'
import type { FitmentCheck } from '#core/score/fitment.ts'
import { groupBy } from '#core/group-by.ts'
import { findApplication } from './applications.server.ts'
import { assessApplication } from './assessments.server.ts'
import { lineupQuery } from './lineup-query.server.ts'

/** One that claims to replace the engine maker's own filter, with what the engine needs of it. */
export interface AuditedOption {
  id: string
  name: string
  revision: string
  isOwn: boolean
  checks: FitmentCheck[]
}

/** Of all that is sold for an engine, where each differs in what the engine needs. */
export const optionsAudit = lineupQuery('options audit', async (applicationId: string): Promise<AuditedOption[]> => {
  const [application, assessed] = await Promise.all([findApplication(applicationId), assessApplication(applicationId)])
  if (!application) return []
  return [...groupBy(assessed, ({ specimen }) => specimen.revisionId)].flatMap(([id, own]): AuditedOption[] => {
    const [best] = [...own].sort((a, b) => b.assessment.completeness - a.assessment.completeness)
    if (!best) return []
    const { brand, partNumber, revisionLabel, tier } = best.specimen
    return [
      {
        id,
        name: `${brand} ${partNumber}`,
        revision: revisionLabel,
        isOwn: tier === 'engine',
        checks: fitmentChecks(application, best.assessment.values),
      },
    ]
  })
})
