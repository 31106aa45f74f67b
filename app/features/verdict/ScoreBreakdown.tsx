import { Link } from 'react-router'
import { styled } from 'styled-components'
import { criterionGroupLabel } from '#core/score/criterion.ts'
import { countedWeight, type ScoreLine } from '#core/score/score.ts'
import * as texts from '#app/texts/score.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Standing } from './RivalTicks.tsx'
import { RuleCurve } from './RuleCurve.tsx'

const Lines = styled(Table)`
  td:nth-child(n + 3),
  th:nth-child(n + 3) {
    text-align: right;
    white-space: nowrap;
  }
  td:last-child,
  th:last-child {
    text-align: left;
  }
`

const formatLinePoints = ({ points, low, high }: ScoreLine): string =>
  points === undefined
    ? texts.to(low, high)
    : high - low > 0.05
      ? texts.toOfLow(low.toFixed(1), high.toFixed(1))
      : points.toFixed(1)

const costText = (cost: number | undefined): string =>
  cost === undefined ? '' : cost < 0.05 ? '–' : `−${cost.toFixed(1)}`

interface Props {
  lines: readonly ScoreLine[]
  /** Number that a criterion judges, SI; undefined for answers and where nothing is known. */
  numberOf: (criterion: string) => number | undefined
  linkOf: (attribute: string) => string
  rivals?: Rivals
}

/** Those that a score is set beside. */
export interface Rivals {
  /** Where each stands that is known, by criterion: a number, SI, or points where answers are judged. */
  standings: (criterion: string) => readonly Standing[]
  /** Points of a hundred that a criterion costs against the best; undefined where that is not known. */
  costOf: (criterion: string) => number | undefined
}

/** Every criterion of a score: rule, points, weight, what it adds, and the evidence behind it. */
export function ScoreBreakdown({ lines, numberOf, linkOf, rivals }: Props) {
  const weight = countedWeight(lines)
  return (
    <Lines>
      <thead>
        <tr>
          <th scope="col">{texts.criterion}</th>
          <th scope="col">{texts.rule}</th>
          <th scope="col">{texts.points}</th>
          <th scope="col">{texts.weight}</th>
          <th scope="col">{texts.adds}</th>
          {rivals && <th scope="col">{texts.costs}</th>}
          <th scope="col">{texts.evidence}</th>
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
                <RuleCurve
                  criterion={criterion}
                  value={numberOf(criterion.key)}
                  points={line.points}
                  rivals={rivals?.standings(criterion.key)}
                />
                <br />
                <Small>{criterion.rationale}</Small>
              </td>
              <td>{notApplicableReason ? '' : formatLinePoints(line)}</td>
              <td>{notApplicableReason ? '' : Number(criterion.weight.toFixed(2))}</td>
              <td>{notApplicableReason || weight === 0 ? '' : ((10 * low * criterion.weight) / weight).toFixed(1)}</td>
              {rivals && <td>{costText(rivals.costOf(criterion.key))}</td>}
              <td>
                {notApplicableReason ? (
                  <Small>{texts.leftOut(notApplicableReason)}</Small>
                ) : evidence ? (
                  <EvidenceGlyph evidence={evidence} word />
                ) : (
                  <Small>{texts.missing}</Small>
                )}
              </td>
            </tr>
          )
        })}
      </tbody>
    </Lines>
  )
}
