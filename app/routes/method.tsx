import { styled } from 'styled-components'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { currentMethod } from '#app/data/schools.server.ts'
import { CatalogueCard } from '#app/features/method/CatalogueCard.tsx'
import { CriteriaCard } from '#app/features/method/CriteriaCard.tsx'
import { KinCard } from '#app/features/method/KinCard.tsx'
import { MethodContents } from '#app/features/method/MethodContents.tsx'
import { FiguresCard } from '#app/features/method/FiguresCard.tsx'
import { SizeClassCard } from '#app/features/method/SizeClassCard.tsx'
import { SaidCard } from '#app/features/method/SaidCard.tsx'
import * as texts from '#app/texts/method.ts'
import { Caution, Page, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/method'

export const meta: Route.MetaFunction = () => [{ title: texts.methodTitle }]

export const loader = async () => ({ method: await currentMethod() })

const Sides = styled(Page)`
  grid-template-columns: 220px minmax(0, 1fr);
  align-items: start;
  max-width: 1280px;
  tr:target > td,
  section:target {
    background: var(--amber-soft);
  }
  [id] {
    scroll-margin-top: 64px;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`

export default function MethodPage({ loaderData: { method } }: Route.ComponentProps) {
  const criteria = effectiveCriteria(method)
  return (
    <Sides>
      <MethodContents criteria={criteria} />
      <Stack $gap={16}>
        <Stack $gap={6}>
          <h1>{texts.method}</h1>
          <p>{texts.whatIsMeasuredAndHowWhat}</p>
          <p>{texts.version(method.version, method.note)}</p>
        </Stack>
        <Caution>{texts.theScoreJudgesConstructionAndValue}</Caution>
        <FiguresCard />
        <CriteriaCard criteria={criteria} />
        <SizeClassCard />
        <KinCard />
        <SaidCard />
        <CatalogueCard />
      </Stack>
    </Sides>
  )
}
