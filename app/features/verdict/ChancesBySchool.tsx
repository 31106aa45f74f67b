import { styled } from 'styled-components'
import { formatChance } from '#core/verdict/call.ts'
import { Table } from '#app/ui/Table.tsx'
import { Small } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

const Grid = styled(Table)`
  td,
  th {
    text-align: center;
    white-space: nowrap;
  }
  th[scope='row'] {
    text-align: left;
    white-space: normal;
    min-width: 150px;
  }
  td {
    min-width: 74px;
    font-variant-numeric: tabular-nums;
  }
  td[data-first] {
    font-weight: 600;
    box-shadow: inset 0 0 0 2px var(--green);
  }
  button {
    min-height: 44px;
    padding: 0 6px;
    border: 0;
    background: none;
    font: 600 15px/1.1 var(--label);
    cursor: pointer;
    text-decoration: underline;
  }
`

/** How dark a chance is painted, so that ink stays readable on it. */
const shadeOf = (chance: number): string => `color-mix(in srgb, var(--green) ${Math.round(45 * chance)}%, var(--card))`

type Props = Pick<EvaluationView, 'bySchool' | 'school' | 'set' | 'nameOf' | 'ranked'>

/** Chance of being first of each product under each school: a picture of who wins where. */
export function ChancesBySchool({ bySchool, school, set, nameOf, ranked }: Props) {
  return (
    <>
      <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Chances by school">
        <Grid>
          <thead>
            <tr>
              <th scope="col">Product</th>
              {bySchool.map(({ school: one }) => (
                <th key={one.id} scope="col">
                  <button type="button" aria-pressed={one.id === school.id} onClick={() => set({ school: one.id })}>
                    {one.name}
                  </button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ranked.map(({ id }) => (
              <tr key={id}>
                <th scope="row">{nameOf(id)}</th>
                {bySchool.map(({ school: one, call, chances }) => {
                  const chance = chances.get(id)
                  return (
                    <td
                      key={one.id}
                      data-first={call?.named[0]?.id === id || undefined}
                      style={chance === undefined ? undefined : { background: shadeOf(chance) }}
                    >
                      {chance === undefined ? (call ? '–' : '…') : formatChance(chance)}
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </Grid>
      </div>
      <Small>
        Chance of being first; the darker, the likelier, and the likeliest of a school is framed. Pick a school to judge
        by it.
      </Small>
    </>
  )
}
