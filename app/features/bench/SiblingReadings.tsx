import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { Characteristic } from '#core/catalogue/index.ts'
import { formatValue } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Sibling } from '#app/data/bench.server.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Small } from '#app/ui/layout.tsx'

const List = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
  a {
    display: inline-flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    padding: 0 14px;
    border: 1px solid var(--line-strong);
    border-radius: 8px;
    text-decoration: none;
    &:hover {
      background: var(--green-soft);
    }
  }
`

/** The same reading of the other specimens of the product, side by side; each leads to its bench. */
export function SiblingReadings({
  siblings,
  characteristic,
  system,
}: {
  siblings: Sibling[]
  characteristic: Characteristic
  system: UnitHabit
}) {
  if (siblings.length === 0) return null
  return (
    <section aria-label={texts.otherSpecimensOfThisProduct}>
      <Small>{texts.sideBySide}</Small>
      <List>
        {siblings.map(({ id, label, revisionLabel, values }) => {
          const value = values[characteristic.key]
          return (
            <li key={id}>
              <Link to={`${href('/bench/:specimen', { specimen: id })}?at=${characteristic.key}`}>
                <strong>
                  {label}
                  {revisionLabel && ` · ${revisionLabel}`}
                </strong>{' '}
                {value ? formatValue(characteristic, value, system) : <Small>{texts.notRecorded}</Small>}
              </Link>
            </li>
          )
        })}
      </List>
    </section>
  )
}
