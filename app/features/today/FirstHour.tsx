import { href } from 'react-router'
import { styled } from 'styled-components'
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
  { name: 'Name the engine', says: 'Three fields: what it is called, spin-on or cartridge, the thread.' },
  { name: 'List the filters', says: 'Type them one by one, or paste the table you have.' },
  { name: 'Cut one', says: 'The bench asks in the order of the work, and warns before anything is lost.' },
  { name: 'See the verdict', says: 'From one reading on: who is first, how sure that is, what would settle it.' },
  { name: 'Publish', says: 'It is frozen with its grounds; what moves later is said.' },
] as const

/** What there is before there is anything: the way from an engine to a verdict, and its first step. */
export function FirstHour() {
  return (
    <Card aria-label="The first hour">
      <Stack $gap={16}>
        <h2>The first hour</h2>
        <Soft>
          Here will be what lies on your bench, each engine with its filters on one axis, and what is to settle.
        </Soft>
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
            Name the engine
          </ButtonLink>
        </div>
      </Stack>
    </Card>
  )
}
