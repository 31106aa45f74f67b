import { useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { filterParts, partLabel, type FilterPartKey } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import { faceOff, isWords, type RowComparison } from '#core/compare/face-off.ts'
import { formatCell } from '#core/compare/format-cell.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { Button } from '#app/ui/Button.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Facing } from './useFacing.ts'

const Comparisons = styled(Table)`
  td:nth-child(2),
  th:nth-child(2) {
    text-align: right;
  }
  td:nth-child(3),
  th:nth-child(3) {
    text-align: center;
    white-space: nowrap;
    width: 150px;
  }
  tr[data-outcome='a'] td:nth-child(2),
  tr[data-outcome='b'] td:nth-child(4) {
    font-weight: 600;
  }
  tr[data-outcome='tie'] td {
    background: color-mix(in srgb, var(--line) 30%, transparent);
  }
`

const outcomeWords = { a: '◀ takes it', b: 'takes it ▶', tie: '= tie', differs: '≠ differs', unknown: '? not known' }

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
          <h2>Part by part</h2>
          <Button onPress={() => showEverything(!everything)} aria-pressed={everything}>
            {everything ? 'Differences only' : `All ${comparisons.length} rows`}
          </Button>
        </Row>
        {shown.length === 0 && <Soft>No difference that is larger than its uncertainty.</Soft>}
        {filterParts.map(({ key }) => (
          <PartTable
            key={key}
            part={key}
            names={[a.name, b.name]}
            comparisons={shown.filter(({ part }) => part === key)}
          />
        ))}
      </Stack>
    </Card>
  )
}

interface PartProps {
  part: FilterPartKey
  names: [string, string]
  comparisons: RowComparison[]
}

function PartTable({ part, names, comparisons }: PartProps) {
  if (comparisons.length === 0) return null
  return (
    <Comparisons aria-label={partLabel(part)}>
      <thead>
        <tr>
          <th scope="col" style={{ width: '30%' }}>
            {partLabel(part)}
          </th>
          <th scope="col">{names[0]}</th>
          <th scope="col">Who takes it</th>
          <th scope="col">{names[1]}</th>
        </tr>
      </thead>
      <tbody>
        {comparisons.map(({ key, label, a, b, outcome, gain }) => (
          <tr key={key} data-outcome={outcome}>
            <td>{label}</td>
            <td>
              <CellText rowKey={key} cell={a} />
            </td>
            <td>
              {outcomeWords[outcome]}
              {gain > 0 && (
                <>
                  <br />
                  <Small>by {gain.toFixed(1)} of 10</Small>
                </>
              )}
            </td>
            <td>
              <CellText rowKey={key} cell={b} />
            </td>
          </tr>
        ))}
      </tbody>
    </Comparisons>
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
