import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { currentMethod } from '#app/data/schools.server.ts'
import { CatalogueCard } from '#app/features/method/CatalogueCard.tsx'
import { CriteriaCard } from '#app/features/method/CriteriaCard.tsx'
import { FiguresCard } from '#app/features/method/FiguresCard.tsx'
import { SizeClassCard } from '#app/features/method/SizeClassCard.tsx'
import { SaidCard } from '#app/features/method/SaidCard.tsx'
import { Caution, Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/method'

export const meta: Route.MetaFunction = () => [{ title: 'Method · Plicator' }]

export const loader = async () => ({ method: await currentMethod() })

export default function MethodPage({ loaderData: { method } }: Route.ComponentProps) {
  return (
    <Page>
      <Stack $gap={6}>
        <h1>Method</h1>
        <p>
          What is measured and how, what is worked out from it, and how it is judged. Where no source is named it is
          common practice of the trade, with no published source.
        </p>
        <p>
          Version {method.version}: {method.note}. <a href="#figures">Figures</a> ·{' '}
          <a href="#score">Construction score</a> · <a href="#size-classes">Size classes</a> ·{' '}
          <a href="#said">Readings as people say them</a> · <a href="#catalogue">What is recorded</a>
        </p>
      </Stack>
      <Caution>
        The score judges construction and value. It is no filtration test; efficiency, capacity and burst figures are
        the makers&apos; claims or estimates.
      </Caution>
      <FiguresCard />
      <CriteriaCard criteria={effectiveCriteria(method)} />
      <SizeClassCard />
      <SaidCard />
      <CatalogueCard />
    </Page>
  )
}
