import { styled } from 'styled-components'
import { formatMoney } from '#core/money/currency.ts'
import type { Step } from '#core/verdict/stairs.ts'
import type { MoneyRow, Stairs } from '#app/data/money.server.ts'
import * as texts from '#app/texts/money.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Differences, StepDetails, StepWorth } from './Differences.tsx'
import { StairsPicture, type StairsPoint } from './StairsPicture.tsx'

const TwoColumns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 6fr);
  gap: 8px 28px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`

const Numbered = styled.b`
  display: inline-grid;
  place-items: center;
  width: 22px;
  height: 22px;
  margin-right: 8px;
  border-radius: 50%;
  background: var(--green);
  color: var(--on-green);
  font: 600 14px/1 var(--label);
`

interface Props {
  stairs: Stairs
  rows: readonly MoneyRow[]
  names: ReadonlyMap<string, string>
  currency: string
}

/** What each step up from the cheapest filter buys, and who costs more and buys nothing. */
export function StairsCard({ stairs: { cheapest, steps }, rows, names, currency }: Props) {
  const money = (price: number) => formatMoney(Math.round(price), currency)
  const nameOf = (id: string) => names.get(id) ?? ''
  const priceOf = (id: string) => rows.find(({ column }) => column.id === id)?.offer?.unit ?? 0
  const climbed = steps.filter(({ isStep }) => isStep)
  const beside = steps.filter(({ isStep }) => !isStep)
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.whatTheNextStepBuys}</h2>
        {cheapest === undefined ? (
          <Soft>{texts.stepsAppearWhenTwoFiltersThat}</Soft>
        ) : (
          <>
            <Soft>{texts.fromTheCheapestThatPassesUpward}</Soft>
            <TwoColumns>
              <StairsPicture points={pointsOf(cheapest, steps, nameOf, priceOf)} money={money} />
              <div>
                <p style={{ padding: '10px 0', borderBottom: '1px dotted var(--line-strong)' }}>
                  <Numbered>1</Numbered>
                  <strong>{nameOf(cheapest)}</strong>
                  {texts.theCheapestThatPasses(money(priceOf(cheapest)))}
                </p>
                {climbed.map((step, at) => (
                  <StepDetails key={step.to}>
                    <summary>
                      <Numbered>{at + 2}</Numbered>
                      <strong>{nameOf(step.to)}</strong>
                      {texts.moreThan(money(step.more), nameOf(step.from))} <StepWorth upgrade={step.upgrade} />
                    </summary>
                    <Differences upgrade={step.upgrade} />
                  </StepDetails>
                ))}
                {climbed.length === 0 && <Soft>{texts.nothingDearerBuysAnythingThat}</Soft>}
              </div>
            </TwoColumns>
            {beside.length > 0 && (
              <StepDetails>
                <summary>{texts.filtersBesideTheStairsDearerThan(beside.length)}</summary>
                {beside.map((step) => (
                  <BesideLine key={step.to} step={step} nameOf={nameOf} money={money} />
                ))}
              </StepDetails>
            )}
          </>
        )}
      </Stack>
    </Card>
  )
}

interface LineProps {
  step: Step
  nameOf: (id: string) => string
  money: (price: number) => string
}

function BesideLine({ step: { from, to, more, upgrade }, nameOf, money }: LineProps) {
  return (
    <div style={{ padding: '4px 0 8px' }}>
      <p>
        <strong>{nameOf(to)}</strong>, {more === 0 ? texts.atThePriceOf : texts.moreThanOfMoney(money(more))}{' '}
        {nameOf(from)}: <StepWorth upgrade={upgrade} />
      </p>
      {upgrade.differences.length > 0 ? <Differences upgrade={upgrade} /> : <Small>{texts.noRealDifference}</Small>}
    </div>
  )
}

function pointsOf(
  cheapest: string,
  steps: readonly Step[],
  nameOf: (id: string) => string,
  priceOf: (id: string) => number,
): StairsPoint[] {
  const climbed = steps.filter(({ isStep }) => isStep)
  const point = (id: string, height: number, step: number | undefined): StairsPoint => ({
    ...{ id, height, step },
    name: nameOf(id),
    price: priceOf(id),
  })
  return [
    point(cheapest, 0, 1),
    ...steps.map((step) => point(step.to, step.height, step.isStep ? climbed.indexOf(step) + 2 : undefined)),
  ]
}
