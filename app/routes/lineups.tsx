import { Plus } from 'lucide-react'
import { href } from 'react-router'
import { styled } from 'styled-components'
import { groupBy } from '#core/group-by.ts'
import { listApplicationsPage } from '#app/data/applications.server.ts'
import type { AssessedSpecimen } from '#app/data/assessments.server.ts'
import { knownGlances } from '#app/data/glance.server.ts'
import { onTheBench } from '#app/data/on-the-bench.server.ts'
import { askedPage } from '#app/data/page-of-list.ts'
import { listProducts } from '#app/data/products.server.ts'
import { recentSpecimens } from '#app/data/recent-specimens.server.ts'
import { summariesOf } from '#app/data/summaries.server.ts'
import { demoState, showDemo } from '#app/data/demo.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { DemoCard } from '#app/features/today/DemoCard.tsx'
import { LineupCard } from '#app/features/today/LineupCard.tsx'
import { BenchPanel } from '#app/features/today/BenchPanel.tsx'
import { FirstHour } from '#app/features/today/FirstHour.tsx'
import { Recent } from '#app/features/today/Recent.tsx'
import { ToSettle } from '#app/features/today/ToSettle.tsx'
import { useGlances } from '#app/features/today/useGlances.ts'
import * as texts from '#app/texts/today.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page, Row } from '#app/ui/layout.tsx'
import { Pages } from '#app/ui/Pages.tsx'
import { DemoNameTaken } from '#db/demo/load-application.ts'
import { loadAllOfDemo } from '#db/demo/load-all.ts'
import type { Route } from './+types/lineups'
import { accepted, fieldsOf, refused } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.todayTitle }]

const lineupsAtOnce = 12
/** So many specimens that were worked on lately are named. */
const mostRecent = 5

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  align-items: start;
  gap: 16px;
  > div {
    display: grid;
    gap: 16px;
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`

export async function loader({ request }: Route.LoaderArgs) {
  const page = askedPage(new URL(request.url).searchParams)
  const { applications, total } = await listApplicationsPage(page, lineupsAtOnce)
  const ids = applications.map(({ id }) => id)
  const [products, summaries] = await Promise.all([listProducts(...ids), summariesOf(ids)])
  const byApplication = groupBy(products, ({ applicationId }) => applicationId)
  const byProduct = groupBy(summaries, ({ productId }) => productId)
  const lineups = applications.map((application) => {
    const own = byApplication.get(application.id) ?? []
    return { application, products: own, specimens: own.flatMap(({ id }) => byProduct.get(id) ?? []) }
  })
  const latest = await onTheBench()
  return {
    lineups,
    ...{ page, size: lineupsAtOnce, total },
    glances: await knownGlances(ids),
    demo: await demoState(),
    recent: await recentSpecimens(mostRecent),
    bench: latest && { ...latest.bench, drawing: drawingOf(latest.assessed) },
  }
}

const drawingOf = ({ specimen, assessment }: AssessedSpecimen) =>
  drawingData(specimen.form, assessment.values, specimen.sizeClass)

/** Puts the demo away, or brings it back; loads it where it is not there yet. */
export async function action({ request }: Route.ActionArgs) {
  const { intent } = await fieldsOf(request)
  if (intent === 'hide-demo') await showDemo(false)
  else if (intent !== 'show-demo') return refused(texts.thereIsNothingOfThatKind)
  else if ((await demoState()) !== 'absent') await showDemo(true)
  else return loadDemo()
  return accepted()
}

async function loadDemo() {
  try {
    await loadAllOfDemo()
    return accepted()
  } catch (error) {
    if (error instanceof DemoNameTaken) return refused(texts.renameYoursThenBringTheDemo(error.message))
    throw error
  }
}

export default function Today({
  loaderData: { lineups, glances: known, demo, bench, recent, ...pages },
}: Route.ComponentProps) {
  const glances = useGlances(
    lineups.map(({ application }) => application.id),
    known,
  )
  const matters = lineups.flatMap(({ application }) => glances.get(application.id)?.matters ?? [])
  return (
    <Page>
      <Row $between>
        <h1>{texts.today}</h1>
        <ButtonLink to={href('/lineups/new')} $kind={lineups.length === 0 ? 'plain' : 'primary'}>
          <Plus size={18} aria-hidden /> {texts.newEngine}
        </ButtonLink>
      </Row>
      {lineups.length === 0 ? (
        <FirstHour />
      ) : (
        <Sides>
          <div>
            {bench && <BenchPanel bench={bench} drawing={bench.drawing} />}
            {lineups.map((lineup) => (
              <LineupCard key={lineup.application.id} {...lineup} glance={glances.get(lineup.application.id)} />
            ))}
            <Pages {...pages} noun="line-up" />
          </div>
          <div>
            <ToSettle matters={matters} isComplete={glances.size >= lineups.length} />
            <Recent specimens={recent} />
            <DemoCard state={demo} />
          </div>
        </Sides>
      )}
      {lineups.length === 0 && <DemoCard state={demo} />}
    </Page>
  )
}
