import { Link } from 'react-router'
import { styled } from 'styled-components'
import { criterionGroupLabel } from '#core/score/criterion.ts'
import { countedWeight, type ScoreLine } from '#core/score/score.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { RuleCurve } from './RuleCurve.tsx'

const Lines = styled(Table)`
  td:nth-child(3),
  td:nth-child(4),
  td:nth-child(5),
  th:nth-child(3),
  th:nth-child(4),
  th:nth-child(5) {
    text-align: right;
    white-space: nowrap;
  }
`

const formatLinePoints = ({ points, low, high }: ScoreLine): string =>
  points === undefined
    ? `${low} to ${high}`
    : high - low > 0.05
      ? `${low.toFixed(1)} to ${high.toFixed(1)}`
      : points.toFixed(1)

interface Props {
  lines: readonly ScoreLine[]
  /** Number that a criterion judges, SI; undefined for answers and where nothing is known. */
  numberOf: (criterion: string) => number | undefined
  linkOf: (attribute: string) => string
}

/** Every criterion of a score: rule, points, weight, what it adds, and the evidence behind it. */
export function ScoreBreakdown({ lines, numberOf, linkOf }: Props) {
  const weight = countedWeight(lines)
  return (
    <Lines>
      <thead>
        <tr>
          <th scope="col">Criterion</th>
          <th scope="col">Rule</th>
          <th scope="col">Points</th>
          <th scope="col">Weight</th>
          <th scope="col">Adds</th>
          <th scope="col">Evidence</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => {
          const { criterion, low, evidence, notApplicableReason } = line
          return (
            <tr key={criterion.key}>
              <td>
                <Link to={linkOf(criterion.attribute)}>{criterion.label}</Link>
                <br />
                <Small>{criterionGroupLabel(criterion.part)}</Small>
              </td>
              <td>
                <RuleCurve criterion={criterion} value={numberOf(criterion.key)} />
                <br />
                <Small>{criterion.rationale}</Small>
              </td>
              <td>{notApplicableReason ? '' : formatLinePoints(line)}</td>
              <td>{notApplicableReason ? '' : Number(criterion.weight.toFixed(2))}</td>
              <td>{notApplicableReason || weight === 0 ? '' : ((10 * low * criterion.weight) / weight).toFixed(1)}</td>
              <td>
                {notApplicableReason ? (
                  <Small>left out: {notApplicableReason}</Small>
                ) : evidence ? (
                  <EvidenceGlyph evidence={evidence} word />
                ) : (
                  <Small>missing</Small>
                )}
              </td>
            </tr>
          )
        })}
      </tbody>
    </Lines>
  )
}
