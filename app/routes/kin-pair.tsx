import { assessSpecimen } from '#app/data/assessments.server.ts'
import { kinMembers, kinOfTwo } from '#app/data/kin.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { addSwapTest, removeSwapTest } from '#app/data/swap-tests.server.ts'
import { drawingData, type DrawingData } from '#app/drawing/data.ts'
import { removedSwapTestSchema, swapTestSchema } from '#app/features/forms/swap-test-fields.ts'
import { ChooseTwo } from '#app/features/kin/ChooseTwo.tsx'
import { PairView } from '#app/features/kin/PairView.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/kin-pair'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `${loaderData.pair.a.name} and ${loaderData.pair.b.name} · Plicator` : 'Kin · Plicator' },
]

export async function loader({ params }: Route.LoaderArgs) {
  const pair = found(params.a === params.b ? undefined : await kinOfTwo(params.a, params.b), 'This pair')
  const [members, a, b] = await Promise.all([kinMembers(), drawingOf(pair.a.specimenId), drawingOf(pair.b.specimenId)])
  return { pair, members, drawings: { a, b } }
}

async function drawingOf(id: string): Promise<DrawingData> {
  const specimen = found(await findSpecimen(id), 'This specimen')
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
  if (!pair) return refused('One of the two is not here any more. Choose two filters again.')
  const { isTurned, ...test } = parsed.value
  const [fromRevision, intoRevision] = isTurned ? [params.b, params.a] : [params.a, params.b]
  const added = await addSwapTest({ ...test, fromRevision, intoRevision })
  return additionRefusal(added, { message: 'This trial is there already.' }) ?? accepted()
}

export default function KinPair({ loaderData: { pair, members, drawings } }: Route.ComponentProps) {
  return (
    <Page>
      <LineupHead
        title="Kin of two"
        subtitle={`${pair.a.engine.name}: part by part, with how rare what they share is.`}
      >
        <ChooseTwo key={`${pair.a.id} ${pair.b.id}`} members={members} a={pair.a.id} b={pair.b.id} />
      </LineupHead>
      <PairView pair={pair} drawings={drawings} />
    </Page>
  )
}
