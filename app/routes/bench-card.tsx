import { styled } from 'styled-components'
import { cautions, findCharacteristic, stations } from '#core/catalogue/index.ts'
import { displayUnit } from '#core/figures/format-value.ts'
import {
  formatCheapestReview,
  formatMinutes,
  planByProduct,
  type PlanOfProduct,
} from '#core/verdict/format-cheapest.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/bench.ts'
import { Button } from '#app/ui/Button.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/bench-card'

export const meta: Route.MetaFunction = () => [{ title: texts.benchCardTitle }]

const Blank = styled.td`
  width: 34%;
  border-bottom: 1px solid var(--ink-soft);
`

/**
 * The cheapest complete review on paper: what to take of each filter, in the order of the bench, with room to write.
 */
export default function BenchCard() {
  const { application } = useLineup()
  const { cheapest, all, nameOf } = useEvaluation({ more: true })
  return (
    <Page>
      <LineupHead title={texts.benchCard(application.name)} subtitle={texts.theCheapestCompleteReviewWhatTo} />
      <Card>
        <Stack $gap={14}>
          {all.length < 2 ? (
            <Soft>{texts.itTakesTwoFiltersWithA}</Soft>
          ) : !cheapest ? (
            <Soft>{texts.lookingForTheFewestMinutesThat}</Soft>
          ) : (
            <>
              <Row $between>
                <p>{formatCheapestReview(cheapest)}</p>
                {cheapest.plan.length > 0 && <Button onPress={() => window.print()}>{texts.print}</Button>}
              </Row>
              {planByProduct(cheapest.plan).map((one) => (
                <ProductPlan key={one.column} name={nameOf(one.column)} plan={one} />
              ))}
              <Small>
                {cautions.cut.summary} {cautions.opened.summary}
              </Small>
            </>
          )}
        </Stack>
      </Card>
    </Page>
  )
}

function ProductPlan({ name, plan: { answers, minutes } }: { name: string; plan: PlanOfProduct }) {
  const { units } = usePreferences()
  const readings = answers.flatMap((answer) => answer.readings.flatMap((key) => findCharacteristic(key) ?? []))
  const lookedUp = answers.filter((answer) => answer.readings.length === 0)
  const inOrder = stations.flatMap((station) =>
    readings.filter((one) => one.station === station.key).map((characteristic) => ({ station, characteristic })),
  )
  return (
    <section aria-label={name} style={{ breakInside: 'avoid' }}>
      <Stack $gap={6}>
        <h2>
          {name} <Small>{formatMinutes(minutes)}</Small>
        </h2>
        <Table>
          <tbody>
            {inOrder.map(({ station, characteristic }) => (
              <tr key={characteristic.key}>
                <td style={{ width: '18%' }}>
                  <Small>{station.label}</Small>
                </td>
                <td>
                  {characteristic.label} <Small>{displayUnit(characteristic, units)}</Small>
                </td>
                <Blank />
              </tr>
            ))}
            {lookedUp.map(({ criterion, label }) => (
              <tr key={criterion}>
                <td>
                  <Small>{texts.lookedUp}</Small>
                </td>
                <td>{label}</td>
                <Blank />
              </tr>
            ))}
          </tbody>
        </Table>
      </Stack>
    </section>
  )
}
