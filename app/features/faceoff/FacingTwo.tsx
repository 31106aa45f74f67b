import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { systemOf } from '#core/quantity/unit-habit.ts'
import { formatMoney, toMinor } from '#core/money/currency.ts'
import { columnName } from '#app/data/column-name.ts'
import type { DrawingData } from '#app/drawing/data.ts'
import { FacingView } from '#app/drawing/FacingView.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/face-off.ts'
import { Button } from '#app/ui/Button.tsx'
import { Small } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Facing } from './useFacing.ts'

const Scores = styled.div`
  display: grid;
  grid-template-columns: 1fr auto 1fr;
  align-items: start;
  gap: 16px;
  > div:nth-of-type(2) {
    text-align: right;
  }
  strong {
    display: block;
    font: 600 44px/1 var(--label);
  }
`

interface Props {
  judged: EvaluationView
  a: Facing
  b: Facing
  drawings: Record<string, DrawingData>
}

/** The drawings stay on top while the rows pass under them. */
const Drawn = styled.div`
  position: sticky;
  z-index: 2;
  top: 52px;
  overflow: hidden;
  border-radius: var(--radius);
  box-shadow: 0 0 0 12px var(--paper);
  /* What is reached by key or by a link comes to lie below it. */
  & ~ * :is(a, button, summary, input, select) {
    scroll-margin: 320px 0 24px;
  }
  @media (max-height: 560px) {
    position: static;
  }
  @media print {
    position: static;
  }
`

/** The two filters on one axis to one scale. */
export function FacingDrawing({ a, b, drawings }: Omit<Props, 'judged'>) {
  const { units: system } = usePreferences()
  const [first, second] = [drawings[a.column.specimenId], drawings[b.column.specimenId]]
  if (!first || !second) return null
  return (
    <Drawn>
      <FacingView
        a={{ name: a.name, data: first }}
        b={{ name: b.name, data: second }}
        width={1152}
        height={236}
        unit={systemOf(system) === 'metric' ? 'mm' : 'in'}
        title={texts.aboveAndBelowTheAxisTo(a.name, b.name)}
      />
    </Drawn>
  )
}

/** The scores of the two, with how sure each is and what it costs. */
export const FacingScores = ({ judged, a, b }: Omit<Props, 'drawings'>) => (
  <Scores>
    <FacingScore facing={a} column={1} query={judged.query} />
    <FacingScore facing={b} column={3} query={judged.query} />
    <Small style={{ gridColumn: 2, gridRow: 1 }}>{texts.of100}</Small>
  </Scores>
)

/** The two filters to choose. */
export const FacingMenus = ({ judged, a, b }: Omit<Props, 'drawings'>) => (
  <>
    <FilterMenu name="First filter" chosen={a} other={b} onPick={(id) => judged.set({ a: id }, { b: b.column.id })} />
    <FilterMenu name="Second filter" chosen={b} other={a} onPick={(id) => judged.set({ b: id }, { a: a.column.id })} />
    <Button onPress={() => judged.set({ a: b.column.id, b: a.column.id })}>{texts.swap}</Button>
    <Button onPress={() => window.print()}>{texts.print}</Button>
  </>
)

interface MenuProps {
  name: string
  chosen: Facing
  other: Facing
  onPick: (id: string) => void
}

function FilterMenu({ name, chosen, other, onPick }: MenuProps) {
  const { columns } = useLineup().evaluation
  return (
    <SelectMenu
      name={name}
      value={chosen.column.id}
      options={columns.map((column) => ({
        value: column.id,
        label: columnName(column),
        disabled: column.id === other.column.id,
      }))}
      onPick={onPick}
    />
  )
}

function FacingScore({ facing, column: gridColumn, query }: { facing: Facing; column: number; query: string }) {
  const { application, evaluation } = useLineup()
  const { column, judged, name, landed } = facing
  const { currency } = evaluation
  const remarks = [
    judged && texts.toIn95Of100(Math.round(judged.chances.low), Math.round(judged.chances.high)),
    landed === undefined ? texts.noPrice : texts.landed(formatMoney(Math.round(toMinor(landed, currency)), currency)),
    column.given.length > 0 && texts.sampleGivenBy(column.given.join(', ')),
    column.specimens > 1 && texts.specimens(column.specimens),
  ]
  const address = href('/lineups/:application/score/:column', { application: application.id, column: column.id })
  return (
    <div style={{ gridColumn, gridRow: 1 }}>
      <strong>
        <Link to={`${address}${query}`} style={{ textDecoration: 'none' }}>
          {judged?.chances.mean.toFixed(0) ?? '–'}
        </Link>
      </strong>
      {name}
      <br />
      <Small>{remarks.filter(Boolean).join(' · ')}</Small>
    </div>
  )
}
