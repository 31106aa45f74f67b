import { useCallback, useMemo } from 'react'
import { href, useNavigate } from 'react-router'
import { costSpans, type CostSpan } from '#core/money/cost-span.ts'
import { toMajor } from '#core/money/currency.ts'
import { frontier } from '#core/money/frontier.ts'
import { groupBy } from '#core/group-by.ts'
import { formatList } from '#core/quantity/format-list.ts'
import type { StoredDriver } from '#app/data/drivers.server.ts'
import type { MoneyRow } from '#app/data/money.server.ts'
import { AvailabilityLine } from '#app/features/verdict/AvailabilityLine.tsx'
import { CallLine } from '#app/features/verdict/CallLine.tsx'
import type { EvaluationView } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/money.ts'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { usePerDistance } from './usePerDistance.ts'
import { ValueChart, type ValuePoint } from './ValueChart.tsx'

interface Props {
  driver: StoredDriver | undefined
  rows: MoneyRow[]
  names: ReadonlyMap<string, string>
  currency: string
  judged: EvaluationView
}

/** Cost against score: what nothing else surely beats is joined; what is not known of a cost is drawn as a span. */
export function ValueCard({ driver, rows, names, currency, judged }: Props) {
  const { get, set } = useAddress()
  const navigate = useNavigate()
  const { label, scale } = usePerDistance()
  const byCost = get('against') !== 'price' && driver !== undefined
  const { points, remarks } = useMemo(() => {
    const spans = spansOf(rows, byCost ? perMetres * scale : undefined)
    const nameOf = (row: MoneyRow) => names.get(row.column.id) ?? row.column.name
    return {
      points: rows.flatMap((row, at) => pointOf(row, nameOf(row), spans[at], judged, currency)),
      remarks: remarksOn(
        rows.map((row, at) => ({
          name: nameOf(row),
          span: spans[at],
          isJudged: judged.judgedOf(row.column.id) !== undefined,
        })),
      ),
    }
  }, [rows, byCost, scale, names, currency, judged])
  const efficient = useMemo(
    () =>
      frontier(points.map(({ id, costLow, costHigh, score }) => ({ id, low: costLow, high: costHigh, worth: score }))),
    [points],
  )
  const open = useCallback((link: string) => void navigate(link), [navigate])
  if (points.length < 2) return null
  return (
    <Card>
      <Stack $gap={10}>
        <Row $between>
          <h2>{texts.value}</h2>
          {driver && (
            <SelectMenu
              name="Against"
              value={byCost ? 'cost' : 'price'}
              options={[
                { value: 'cost', label: texts.costFor(label) },
                { value: 'price', label: texts.landedPrice },
              ]}
              onPick={(against) => set({ against })}
            />
          )}
        </Row>
        <CallLine judged={judged} />
        <AvailabilityLine judged={judged} />
        <Soft>{texts.uprightBarsShowWhereTheScore}</Soft>
        <ValueChart
          points={points}
          efficient={efficient}
          costName={byCost ? texts.costForOfLabel(label, currency) : texts.landedPriceOfCurrency(currency)}
          onOpen={open}
        />
        {remarks.map((remark) => (
          <Small key={remark}>{remark}</Small>
        ))}
      </Stack>
    </Card>
  )
}

/** 10,000 km, the distance that costs are stated for. */
const perMetres = 10_000_000

const spansOf = (rows: readonly MoneyRow[], per: number | undefined): (CostSpan | undefined)[] =>
  costSpans(
    rows.map(({ offer, interval }) => ({
      unit: offer?.unit,
      freightKnown: offer?.freightKnown ?? true,
      interval: interval?.distance,
    })),
    rows.flatMap(({ offer }) =>
      offer?.freightKnown ? [(offer.unit * offer.landed.freight) / (offer.landed.filters * offer.landed.unit)] : [],
    ),
    per,
  )

function pointOf(
  { column }: MoneyRow,
  name: string,
  span: CostSpan | undefined,
  { judgedOf }: EvaluationView,
  currency: string,
): ValuePoint[] {
  const own = judgedOf(column.id)
  if (!own || !span) return []
  return [
    {
      id: column.id,
      name,
      costLow: toMajor(span.low, currency),
      costHigh: toMajor(span.high, currency),
      score: own.chances.mean,
      low: own.chances.low,
      high: own.chances.high,
      link: href('/specimens/:specimen/score', { specimen: column.specimenId }),
    },
  ]
}

const unknownWords = { freight: 'freight', interval: texts.theInterval }

/** What is not known of filters' places in the picture, a sentence for all of which the same is not known. */
function remarksOn(those: readonly { name: string; span: CostSpan | undefined; isJudged: boolean }[]): string[] {
  const said = those.flatMap(({ name, span, isJudged }) => {
    const why = reasonOf(span, isJudged)
    return why === undefined ? [] : [{ name, why }]
  })
  return [...groupBy(said, ({ why }) => why)].map(
    ([why, own]) =>
      `${why} ${formatList(
        own.map(({ name }) => name),
        'conjunction',
      )}.`,
  )
}

function reasonOf(span: CostSpan | undefined, isJudged: boolean): string | undefined {
  if (!isJudged) return texts.notShownForItIsNot
  if (!span) return texts.notShownForItHasNo
  if (span.unknown.length === 0) return undefined
  const what = formatList(
    span.unknown.map((one) => unknownWords[one]),
    'conjunction',
  )
  return texts.aCostIsASpanWhere(what, span.unknown.length > 1)
}
