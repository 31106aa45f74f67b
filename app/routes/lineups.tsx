import { Plus } from 'lucide-react'
import { href } from 'react-router'
import { groupBy } from '#core/group-by.ts'
import { listApplicationsPage } from '#app/data/applications.server.ts'
import { askedPage } from '#app/data/page-of-list.ts'
import { listProducts } from '#app/data/products.server.ts'
import { summariesOf } from '#app/data/summaries.server.ts'
import { demoState, showDemo } from '#app/data/demo.server.ts'
import { DemoCard } from '#app/features/lineup/DemoCard.tsx'
import { LineupCard } from '#app/features/lineup/LineupCard.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { Pages } from '#app/ui/Pages.tsx'
import { DemoNameTaken } from '#db/demo/load-application.ts'
import { loadAllOfDemo } from '#db/demo/load-all.ts'
import type { Route } from './+types/lineups'
import { accepted, fieldsOf, refused } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: 'Line-ups · Plicator' }]

const lineupsAtOnce = 12

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
  return { lineups, page, size: lineupsAtOnce, total, demo: await demoState() }
}

/** Puts the demo away, or brings it back; loads it where it is not there yet. */
export async function action({ request }: Route.ActionArgs) {
  const { intent } = await fieldsOf(request)
  if (intent === 'hide-demo') await showDemo(false)
  else if (intent !== 'show-demo') return refused('There is nothing of that kind to do here.')
  else if ((await demoState()) !== 'absent') await showDemo(true)
  else return loadDemo()
  return accepted()
}

async function loadDemo() {
  try {
    await loadAllOfDemo()
    return accepted()
  } catch (error) {
    if (error instanceof DemoNameTaken) return refused(`${error.message} Rename yours, then bring the demo.`)
    throw error
  }
}

export default function Lineups({ loaderData: { lineups, demo, ...pages } }: Route.ComponentProps) {
  return (
    <Page>
      <Row $between>
        <Stack $gap={4}>
          <h1>Line-ups</h1>
          <Soft>Every filter sold for one engine, opened, measured and compared.</Soft>
        </Stack>
        <ButtonLink to={href('/lineups/new')} $kind="primary">
          <Plus size={18} aria-hidden /> New application
        </ButtonLink>
      </Row>
      {lineups.length === 0 && (
        <Card>
          <Stack>
            <h2>Nothing here yet</h2>
            <p>Start with the engine: name it, list the filters sold for it, and put the first one on the bench.</p>
          </Stack>
        </Card>
      )}
      {lineups.map((lineup) => (
        <LineupCard key={lineup.application.id} {...lineup} />
      ))}
      <Pages {...pages} noun="line-up" />
      <DemoCard state={demo} />
    </Page>
  )
}
