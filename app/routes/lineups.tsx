import { Plus } from 'lucide-react'
import { href } from 'react-router'
import { findFatalFaults } from '#core/score/fatal-faults.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { listProducts } from '#app/data/products.server.ts'
import { LineupCard } from '#app/features/lineup/LineupCard.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Page, Row, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineups'

export const meta: Route.MetaFunction = () => [{ title: 'Line-ups · Plicator' }]

export async function loader() {
  const applications = await listApplications()
  const lineups = await Promise.all(
    applications.map(async (application) => {
      const [products, assessed] = await Promise.all([listProducts(application.id), assessApplication(application.id)])
      const specimens = assessed.map(({ specimen, assessment }) => ({
        id: specimen.id,
        label: specimen.label,
        productId: specimen.productId,
        revision: specimen.revisionLabel,
        completeness: assessment.completeness,
        fatalFault: findFatalFaults(specimen.form, assessment.values)[0]?.description,
      }))
      return { application, products, specimens }
    }),
  )
  return { lineups }
}

export default function Lineups({ loaderData: { lineups } }: Route.ComponentProps) {
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
            <p>
              <Soft>
                To look around first, stop the app and start it with bin/demo --reset: it puts this database aside and
                loads an invented example.
              </Soft>
            </p>
          </Stack>
        </Card>
      )}
      {lineups.map((lineup) => (
        <LineupCard key={lineup.application.id} {...lineup} />
      ))}
    </Page>
  )
}
