import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { sizeClassLabel } from '#core/catalogue/index.ts'
import { listProducts } from '#app/data/products.server.ts'
import { filterFormLabels } from '#app/features/forms/labels.ts'
import { FirstStepCard } from '#app/features/lineup/FirstStepCard.tsx'
import { LineupFiles } from '#app/features/lineup/LineupFiles.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { LineupTable } from '#app/features/lineup/LineupTable.tsx'
import { Landscape } from '#app/features/lineup/table-style.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { WaitingProducts } from '#app/features/lineup/WaitingProducts.tsx'
import { CallLine } from '#app/features/verdict/CallLine.tsx'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/line-up.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/lineup'
import { whenPathChanges } from './revalidation.ts'

export const loader = async ({ params: { application } }: Route.LoaderArgs) => ({
  products: await listProducts(application),
})

/** The table takes what is left of the window: nothing scrolls but the table. */
const FullHeight = styled(Page)`
  display: flex;
  flex-direction: column;
  max-width: none;
  min-height: calc(100vh - 52px);
  max-height: max(620px, calc(100vh - 52px));
  padding: 3px 16px 5px;
  gap: 4px;
  > div:first-child {
    flex: none;
    min-height: 38px;
    button,
    a[href$='/new'] {
      min-height: 36px;
    }
  }
  @media print {
    display: block;
    max-height: none;
  }
`

export const shouldRevalidate = whenPathChanges

export default function Lineup({ loaderData: { products } }: Route.ComponentProps) {
  const { application, evaluation } = useLineup()
  const { id, name, machine, form, thread } = application
  const judged = useEvaluation()
  const { sizeClass } = evaluation.method
  const sizeClassSaid =
    sizeClass && `${sizeClassLabel(sizeClass).toLowerCase()}${application.sizeClass ? '' : texts.asItsSizesSay}`
  return (
    <FullHeight>
      <Landscape />
      <LineupHead title={name} subtitle={<CallLine judged={judged} />}>
        <ButtonLink to={href('/lineups/:application/products/new', { application: id })}>
          {texts.addAProduct}
        </ButtonLink>
        <LineupFiles application={id} />
      </LineupHead>
      <WaitingProducts products={products} />
      {evaluation.columns.length === 0 ? (
        <FirstStepCard>{texts.theFiltersThatAreSoldFor}</FirstStepCard>
      ) : (
        <LineupTable judged={judged}>
          {[machine, filterFormLabels[form], sizeClassSaid, thread].filter(Boolean).join(' · ')} ·{' '}
          <Link to={href('/lineups/:application/edit', { application: id })}>{texts.edit}</Link>
        </LineupTable>
      )}
    </FullHeight>
  )
}
