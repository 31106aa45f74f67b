import { href } from 'react-router'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { evidenceOfSpecimen } from '#core/score/evaluate-criterion.ts'
import { fatalFaultCap } from '#core/score/fatal-faults.ts'
import { scoreSpecimen } from '#core/score/score-specimen.ts'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { methodFor } from '#app/data/size-class.ts'
import { methodInForce } from '#app/data/schools.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { SpecimenTrail } from '#app/features/specimen/SpecimenTrail.tsx'
import { useSpecimen } from '#app/features/specimen/useSpecimen.ts'
import { ScoreBreakdown } from '#app/features/verdict/ScoreBreakdown.tsx'
import * as texts from '#app/texts/score.ts'
import { Alert, Card, Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/specimen-score'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.constructionScoreTitle }]

export async function loader({ params }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), texts.thisSpecimen)
  const [assessment, method] = await Promise.all([assessSpecimen(specimen), methodInForce(specimen.demo)])
  const score = scoreSpecimen(specimen.form, assessment, effectiveCriteria(methodFor(method, { specimen, assessment })))
  const numbers = new Map(
    score.lines.map(({ criterion }) => [
      criterion.key,
      evidenceOfSpecimen(criterion, assessment.values, assessment.figures)?.number,
    ]),
  )
  return { score, numbers, version: method.version }
}

export default function SpecimenScore({ loaderData: { score, numbers, version } }: Route.ComponentProps) {
  const specimen = useSpecimen()
  const { value, low, high, coverage, lines, fatalFaults } = score
  return (
    <Page>
      <Stack $gap={4}>
        <SpecimenTrail specimen={specimen} />
        <h1>{texts.constructionScore(value === undefined ? texts.notKnown : texts.of100(Math.round(value)))}</h1>
        <p>
          {coverage < 1 &&
            texts.ofTheWeightRestsOnEvidence(Math.round(coverage * 100), Math.round(low), Math.round(high))}
          {texts.aJudgementOfConstructionByMethod(version)}
        </p>
        {fatalFaults.map(({ key, description }) => (
          <Alert key={key}>{texts.cappedAtOpenASecondSpecimen(fatalFaultCap, description)}</Alert>
        ))}
      </Stack>
      <Card>
        <ScoreBreakdown
          lines={lines}
          numberOf={(criterion) => numbers.get(criterion)}
          linkOf={(key) => href('/specimens/:specimen/values/:key', { specimen: specimen.id, key })}
        />
      </Card>
    </Page>
  )
}
