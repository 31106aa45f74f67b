import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import { openOwed, type Owed as OwedThing } from '#core/teardown/owed.ts'
import type { Note } from '#app/data/notes.server.ts'
import * as texts from '#app/texts/bench.ts'
import { Button } from '#app/ui/Button.tsx'
import { Small } from '#app/ui/layout.tsx'
import type { Bench } from './useBench.ts'

const List = styled.ul`
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  li {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 6px;
  }
  li > button:first-child {
    min-height: 44px;
    padding: 4px 0;
    border: 0;
    background: none;
    color: var(--amber-ink);
    text-align: left;
    text-decoration: underline;
    cursor: pointer;
  }
`

interface Props {
  bench: Bench
  owed: readonly OwedThing[]
  notes: readonly Note[]
  photos: readonly { part: string; recordedAt: string }[]
}

/** What was promised on camera to be shown later, until it is. */
export function Owed({ bench, owed, notes, photos }: Props) {
  const open = openOwed(withPendingOwed(owed, bench.pending), {
    readings: bench.readings.filter(({ voided }) => !voided),
    notes,
    photos,
  })
  if (open.length === 0) return null
  return (
    <section aria-label={texts.owed}>
      <h3>{texts.owed}</h3>
      <Small>{texts.promisedToBeShownLaterA}</Small>
      <List>
        {open.map(({ id, characteristic }) => {
          const { label } = characteristicOf(characteristic)
          return (
            <li key={id}>
              <button type="button" onClick={() => bench.goTo(characteristic)}>
                {label}
              </button>
              <Button $kind="quiet" aria-label={texts.wasShown(label)} onPress={() => bench.settle(id)}>
                {texts.shown}
              </Button>
            </li>
          )
        })}
      </List>
    </section>
  )
}

/** What is owed once the acts on their way to the server are done. */
function withPendingOwed(saved: readonly OwedThing[], pending: Bench['pending']): OwedThing[] {
  const all = new Map(saved.map((one) => [one.id, one]))
  for (const { intent, id = '', characteristic = '', at = '' } of pending) {
    if (intent === 'owe' && !all.has(id)) all.set(id, { id, characteristic, owedAt: at, settledAt: null })
    if (intent === 'settle') all.delete(id)
  }
  return [...all.values()]
}
