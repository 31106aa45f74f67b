import { usablePoints } from '#core/claims/bounds.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { claimOverview } from '#app/data/claim-overview.server.ts'
import { addComparison, listComparisons, removeComparison } from '#app/data/comparisons.server.ts'
import { addExhibit, listExhibits, removeExhibit } from '#app/data/exhibits.server.ts'
import { lineupQuery } from '#app/data/lineup-query.server.ts'
import { keepPartCall, listPartCalls } from '#app/data/part-calls.server.ts'
import { listProducts } from '#app/data/products.server.ts'
import { findSpecimen, listSpecimens } from '#app/data/specimens.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { FacingMenus } from '#app/features/faceoff/FacingTwo.tsx'
import { FaceOffView } from '#app/features/faceoff/FaceOffView.tsx'
import { TrayCard } from '#app/features/faceoff/TrayCard.tsx'
import { useFacing } from '#app/features/faceoff/useFacing.ts'
import { comparisonSchema, removedComparisonSchema } from '#app/features/forms/comparison-fields.ts'
import { exhibitSchema, removedExhibitSchema } from '#app/features/forms/exhibit-fields.ts'
import { partCallSchema } from '#app/features/forms/part-call-fields.ts'
import { FirstStepCard } from '#app/features/lineup/FirstStepCard.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/face-off.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/face-off'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.faceOffTitle }]

/** Drawings and labels by specimen, points of the claims that count by product, what was said of two side by side. */
const facing = lineupQuery('face-off', async (application: string) => {
  const [assessed, { products }, comparisons, calls, exhibits] = await Promise.all([
    assessApplication(application),
    claimOverview(application),
    listComparisons(application),
    listPartCalls(application),
    listExhibits(application),
  ])
  return {
    comparisons,
    calls,
    exhibits: exhibits.map(({ exhibit, assessed: { specimen, assessment } }) => ({
      ...exhibit,
      drawing: drawingData(specimen.form, assessment.values, specimen.sizeClass),
    })),
    labels: Object.fromEntries(assessed.map(({ specimen }) => [specimen.id, specimen.label])),
    drawings: Object.fromEntries(
      assessed.map(({ specimen, assessment }) => [
        specimen.id,
        drawingData(specimen.form, assessment.values, specimen.sizeClass),
      ]),
    ),
    points: Object.fromEntries(
      products.flatMap(({ standing }) => Object.entries(standing).map(([id, claims]) => [id, usablePoints(claims)])),
    ),
  }
})

export const loader = ({ params: { application } }: Route.LoaderArgs) => facing(application)

export const shouldRevalidate = whenPathChanges

export async function action({ request, params }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    const removed = parseFields(removedComparisonSchema, typed)
    if (!removed.ok) return removed.refusal
    await removeComparison(removed.value.id)
    return accepted()
  }
  if (typed.intent === 'exhibit') return layBeside(params.application, typed)
  if (typed.intent === 'put-back') {
    const removed = parseFields(removedExhibitSchema, typed)
    if (!removed.ok) return removed.refusal
    await removeExhibit(params.application, removed.value.id)
    return accepted()
  }
  if (typed.intent === 'call') return keepCall(params.application, typed)
  const parsed = parseFields(comparisonSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const specimens = await listSpecimens(params.application)
  const [specimen, other] = [parsed.value.specimen, parsed.value.other].map((id) =>
    specimens.find((one) => one.id === id),
  )
  if (!specimen || !other) return refused(texts.oneOfTheTwoIsNot)
  if (specimen.id === other.id) return refused(texts.aFilterIsNotComparedWith)
  const added = await addComparison(specimen, other, parsed.value)
  if (!added.ok) return refused(added.problem.message)
  return additionRefusal(added.value, { message: texts.thisComparisonIsThereAlready }) ?? accepted()
}

async function keepCall(application: string, typed: Record<string, unknown>) {
  const parsed = parseFields(partCallSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { intent: _, ...call } = parsed.value
  const revisions = (await listProducts(application)).flatMap((one) => one.revisions.map(({ id }) => id))
  if (call.a === call.b || !revisions.includes(call.a) || !revisions.includes(call.b))
    return refused(texts.oneOfTheTwoIsNot)
  await keepPartCall(call)
  return accepted()
}

async function layBeside(application: string, typed: Record<string, unknown>) {
  const parsed = parseFields(exhibitSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { id, specimen: specimenId, part, note } = parsed.value
  const specimen = await findSpecimen(specimenId)
  if (!specimen) return refused(texts.thisFilterIsNotHereAny)
  if (specimen.applicationId === application) return refused(texts.thisFilterIsOfTheSame)
  const added = await addExhibit({ id, applicationId: application, specimenId, part, note })
  return additionRefusal(added, { message: texts.thisPartLiesInTheTray }) ?? accepted()
}

export default function FaceOff({
  loaderData: { drawings, labels, points, comparisons, calls, exhibits },
}: Route.ComponentProps) {
  const { application } = useLineup()
  const judged = useEvaluation()
  const facing = useFacing(judged)
  return (
    <Page>
      <LineupHead title={texts.faceOff(application.name)} subtitle={texts.twoFiltersPartByPartWho}>
        {facing && <FacingMenus judged={judged} {...facing} />}
      </LineupHead>
      {facing ? (
        <FaceOffView
          judged={judged}
          facing={facing}
          drawings={drawings}
          labels={labels}
          points={points}
          comparisons={comparisons}
          calls={calls}
          tray={<TrayCard exhibits={exhibits} />}
        />
      ) : (
        <FirstStepCard>{texts.twoFiltersWillStandHereBeside}</FirstStepCard>
      )}
    </Page>
  )
}
