import { type ReactNode } from 'react'
import { href, Link } from 'react-router'
import type { CaptureEfficiency } from '#core/claims/bounds.ts'
import { atLeastAsGood, compareClaims, formatComparison } from '#core/claims/compare.ts'
import { formatMoney, toMinor } from '#core/money/currency.ts'
import { scoreContributions } from '#core/verdict/contributions.ts'
import { contributionsByPart, summariseFaceOff } from '#core/verdict/summary.ts'
import type { StoredPartCall } from '#app/data/part-calls.server.ts'
import type { StoredComparison } from '#app/data/comparisons.server.ts'
import type { DrawingData } from '#app/drawing/data.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { CallLine } from '#app/features/verdict/CallLine.tsx'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import { usePairCall } from '#app/features/verdict/usePairCall.ts'
import * as texts from '#app/texts/face-off.ts'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { TabbedPanels } from '#app/ui/TabbedPanels.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { CallsCard } from './CallsCard.tsx'
import { ComparisonCard } from './ComparisonCard.tsx'
import { FacingDrawing, FacingScores } from './FacingTwo.tsx'
import { PartBars } from './PartBars.tsx'
import { SideBySideCard } from './SideBySideCard.tsx'
import { InShort } from './InShort.tsx'
import type { Facing } from './useFacing.ts'

interface Props {
  judged: EvaluationView
  facing: { a: Facing; b: Facing }
  /** By specimen. */
  drawings: Record<string, DrawingData>
  /** By revision. */
  points: Record<string, CaptureEfficiency[]>
  labels: Readonly<Record<string, string>>
  comparisons: readonly StoredComparison[]
  calls: readonly StoredPartCall[]
  /** Parts of other engines' filters, laid beside. */
  tray: ReactNode
}

/** Particle sizes at which claims are compared, m. */
const sizes = [10e-6, 20e-6, 30e-6]

/** Two filters set against each other by the school in force. */
export function FaceOffView({ judged, facing: { a, b }, drawings, labels, points, comparisons, calls, tray }: Props) {
  const { application, evaluation } = useLineup()
  const { units: system } = usePreferences()
  const { get } = useAddress()
  const contributions = scoreContributions(a.evaluated, b.evaluated, evaluation.rows, system)
  const price = priceDifference(a, b, evaluation.currency)
  const call = usePairCall(judged, a.evaluated, b.evaluated)
  const sentences = summariseFaceOff({ a: a.name, b: b.name }, a.evaluated, b.evaluated, call, contributions, price)
  const [own, other] = [a, b].map(({ column }) => points[column.revisionId] ?? []) as [
    CaptureEfficiency[],
    CaptureEfficiency[],
  ]
  const parts = contributionsByPart(contributions)
  const overall = atLeastAsGood(own, other)
  const claims = (
    <Card>
      <Stack $gap={6}>
        <h2>{texts.claims}</h2>
        {overall && <p>{texts.atEverySizeThatTheOther(overall.test, overall.side === 'a' ? a.name : b.name)}</p>}
        {sizes.flatMap((size) =>
          compareClaims(own, other, size).map((comparison) => (
            <p key={`${size} ${comparison.test}`}>{formatComparison(a.name, b.name, size, comparison)}</p>
          )),
        )}
        <Small>
          <Link to={href('/lineups/:application/claims', { application: application.id })}>
            {texts.whatTheBoxesSay}
          </Link>
          {texts.theMakersWordsNoneOfIt}
        </Small>
      </Stack>
    </Card>
  )
  return (
    <>
      <FacingDrawing a={a} b={b} drawings={drawings} />
      <Card>
        <Stack $gap={14}>
          <Row>
            <SchoolBar judged={judged} isTerse />
            <CallLine judged={judged} />
          </Row>
          <FacingScores judged={judged} a={a} b={b} />
          <PartBars parts={parts} />
          <InShort sentences={sentences} />
        </Stack>
      </Card>
      <TabbedPanels
        label={texts.ofTheTwo}
        selected={get('tab') ?? 'parts'}
        onSelect={(tab) => judged.set({ tab })}
        panels={[
          { key: 'parts', label: texts.partByPart, content: <ComparisonCard a={a} b={b} /> },
          { key: 'calls', label: texts.yourCall, content: <CallsCard a={a} b={b} parts={parts} calls={calls} /> },
          {
            key: 'beside',
            label: texts.sideBySide,
            content: <SideBySideCard a={a} b={b} labels={labels} comparisons={comparisons} />,
          },
          { key: 'claims', label: texts.claims, content: claims },
          { key: 'tray', label: texts.tray, content: tray },
        ]}
      />
      <Small>{texts.aJudgementOfConstructionAndValue}</Small>
    </>
  )
}

/** Prices nearer to each other than this, in the currency's own unit, are the same. */
const samePrice = 0.005

/** Which of the two is dearer, and by how much. */
function priceDifference(a: Facing, b: Facing, currency: string) {
  if (a.landed === undefined || b.landed === undefined) return undefined
  const difference = a.landed - b.landed
  if (Math.abs(difference) < samePrice) return undefined
  const by = formatMoney(Math.round(toMinor(Math.abs(difference), currency)), currency)
  return { dearer: difference > 0 ? ('a' as const) : ('b' as const), by }
}
