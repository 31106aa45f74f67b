import { href } from 'react-router'
import { styled } from 'styled-components'
import * as texts from '#app/texts/today.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'

const Steps = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 14px;
  margin: 0;
  padding: 0;
  list-style: none;
  counter-reset: step;
  li {
    display: grid;
    align-content: start;
    gap: 4px;
    padding: 12px 14px;
    border: 1px solid var(--line);
    border-radius: 10px;
    counter-increment: step;
  }
  li::before {
    content: counter(step);
    font: 600 26px/1 var(--label);
    color: var(--ink-soft);
  }
`

const steps = [
  { name: texts.nameTheEngine, says: texts.threeFieldsWhatItIsCalled },
  { name: texts.listTheFilters, says: texts.typeThemOneByOneOr },
  { name: texts.cutOne, says: texts.theBenchAsksInTheOrder },
  { name: texts.seeTheVerdict, says: texts.fromOneReadingOnWhoIs },
  { name: texts.publish, says: texts.itIsFrozenWithItsGrounds },
] as const

/** What there is before there is anything: the way from an engine to a verdict, and its first step. */
export function FirstHour() {
  return (
    <Card aria-label={texts.theFirstHour}>
      <Stack $gap={16}>
        <h2>{texts.theFirstHour}</h2>
        <Soft>{texts.hereWillBeWhatLiesOn}</Soft>
        <Steps>
          {steps.map(({ name, says }) => (
            <li key={name}>
              <strong>{name}</strong>
              <Small>{says}</Small>
            </li>
          ))}
        </Steps>
        <div>
          <ButtonLink to={href('/lineups/new')} $kind="primary">
            {texts.nameTheEngine}
          </ButtonLink>
        </div>
      </Stack>
    </Card>
  )
}
