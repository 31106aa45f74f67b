import { assessSpecimen } from '#app/data/assessments.server.ts'
import { kinMembers, kinOfTwo } from '#app/data/kin.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { addSwapTest, removeSwapTest } from '#app/data/swap-tests.server.ts'
import { drawingData, type DrawingData } from '#app/drawing/data.ts'
import { removedSwapTestSchema, swapTestSchema } from '#app/features/forms/swap-test-fields.ts'
import { ChooseTwo } from '#app/features/kin/ChooseTwo.tsx'
import { PairView } from '#app/features/kin/PairView.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import * as texts from '#app/texts/kin.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/kin-pair'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? texts.andTitle(loaderData.pair.a.name, loaderData.pair.b.name) : texts.kinTitle },
]

export async function loader({ params }: Route.LoaderArgs) {
  const pair = found(params.a === params.b ? undefined : await kinOfTwo(params.a, params.b), texts.thisPair)
  const [members, a, b] = await Promise.all([kinMembers(), drawingOf(pair.a.specimenId), drawingOf(pair.b.specimenId)])
  return { pair, members, drawings: { a, b } }
}

async function drawingOf(id: string): Promise<DrawingData> {
  const specimen = found(await findSpecimen(id), texts.thisSpecimen)
  return drawingData(specimen.form, (await assessSpecimen(specimen)).values, specimen.sizeClass)
}

export async function action({ request, params }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'remove') {
    const removed = parseFields(removedSwapTestSchema, typed)
    if (!removed.ok) return removed.refusal
    await removeSwapTest(removed.value.id)
    return accepted()
  }
  const parsed = parseFields(swapTestSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const pair = await kinOfTwo(params.a, params.b)
  if (!pair) return refused(texts.oneOfTheTwoIsNot)
  const { isTurned, ...test } = parsed.value
  const [fromRevision, intoRevision] = isTurned ? [params.b, params.a] : [params.a, params.b]
  const added = await addSwapTest({ ...test, fromRevision, intoRevision })
  return additionRefusal(added, { message: texts.thisTrialIsThereAlready }) ?? accepted()
}

export default function KinPair({ loaderData: { pair, members, drawings } }: Route.ComponentProps) {
  return (
    <Page>
      <LineupHead title={texts.kinOfTwo} subtitle={texts.partByPartWithHowRare(pair.a.engine.name)}>
        <ChooseTwo key={`${pair.a.id} ${pair.b.id}`} members={members} a={pair.a.id} b={pair.b.id} />
      </LineupHead>
      <PairView pair={pair} drawings={drawings} />
    </Page>
  )
}
