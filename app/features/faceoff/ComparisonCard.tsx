import { useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { filterParts, partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import { faceOff, isWords, type RowComparison } from '#core/compare/face-off.ts'
import { formatCell } from '#core/compare/format-cell.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/face-off.ts'
import { Button } from '#app/ui/Button.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { PairTable } from '#app/ui/PairTable.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Facing } from './useFacing.ts'

const Comparisons = styled(PairTable)`
  th[scope='row'],
  thead th:nth-child(2) {
    width: 34%;
  }
  th[scope='row'] small {
    display: block;
    font-weight: 400;
  }
  tr[data-outcome='a'] td:first-child,
  tr[data-outcome='b'] td:last-child {
    background: var(--green-soft);
    font-weight: 600;
  }
  tr[data-outcome='tie'] > * {
    background: color-mix(in srgb, var(--line) 30%, transparent);
  }
`

const outcomeWords = {
  a: texts.takesIt,
  b: texts.takesItInLine,
  tie: texts.tie,
  differs: texts.differs,
  unknown: texts.notKnown,
}

function outcomeText({ outcome, gain }: RowComparison): string {
  if (gain === 0) return outcomeWords[outcome]
  return outcome === 'b' ? texts.takesItByOf10(gain.toFixed(1)) : texts.takesItByOf10OfGain(gain.toFixed(1))
}

/** Whether a row says more than that the two are alike or not known. */
const isTelling = ({ outcome, key }: RowComparison): boolean =>
  (outcome === 'a' || outcome === 'b' || outcome === 'differs') && !isWords(key)

/** Row by row, grouped by part: who takes it, by how much, and what is too close to call. */
export function ComparisonCard({ a, b }: { a: Facing; b: Facing }) {
  const { rows } = useLineup().evaluation
  const [everything, showEverything] = useState(false)
  const pointsOf = cellPointsBy(a.evaluated.score.lines.map(({ criterion }) => criterion))
  const comparisons = faceOff(rows, a.evaluated.at, b.evaluated.at, pointsOf)
  const shown = comparisons.filter((one) => everything || isTelling(one))
  return (
    <Card>
      <Stack $gap={10}>
        <Row $between>
          <h2>{texts.partByPart}</h2>
          <Button onPress={() => showEverything(!everything)} aria-pressed={everything}>
            {everything ? texts.differencesOnly : texts.allRows(comparisons.length)}
          </Button>
        </Row>
        {shown.length === 0 && <Soft>{texts.noDifferenceThatIsLargerThan}</Soft>}
        {shown.length > 0 && (
          <Comparisons aria-label={texts.partByPart}>
            <thead>
              <tr>
                <th scope="col">{a.name}</th>
                <th scope="col">{texts.whoTakesIt}</th>
                <th scope="col">{b.name}</th>
              </tr>
            </thead>
            {filterParts.map(({ key }) => (
              <PartRows key={key} part={key} comparisons={shown.filter(({ part }) => part === key)} />
            ))}
          </Comparisons>
        )}
      </Stack>
    </Card>
  )
}

interface PartProps {
  part: FilterPartKey
  comparisons: RowComparison[]
}

function PartRows({ part, comparisons }: PartProps) {
  if (comparisons.length === 0) return null
  return (
    <tbody aria-label={partLabel(part)}>
      <tr>
        <th scope="rowgroup" colSpan={3}>
          {partLabel(part)}
        </th>
      </tr>
      {comparisons.map((one) => (
        <tr key={one.key} data-outcome={one.outcome}>
          <td>
            <CellText rowKey={one.key} cell={one.a} />
          </td>
          <th scope="row">
            {one.label}
            <Small as="small">{outcomeText(one)}</Small>
          </th>
          <td>
            <CellText rowKey={one.key} cell={one.b} />
          </td>
        </tr>
      ))}
    </tbody>
  )
}

function CellText({ rowKey, cell }: { rowKey: string; cell: Cell }) {
  const { units: system } = usePreferences()
  const text = formatCell(rowKey, cell, system)
  if (!('specimen' in cell)) return <Small>{text}</Small>
  const isWeak = 'evidence' in cell && (cell.evidence === 'inferred' || cell.evidence === 'claimed')
  return (
    <>
      {isWeak && <EvidenceGlyph evidence={cell.evidence} />}
      <Link to={href('/specimens/:specimen/values/:key', { specimen: cell.specimen, key: rowKey })}>{text}</Link>
    </>
  )
}
