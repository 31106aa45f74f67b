import { styled } from 'styled-components'
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
  td[data-rank='1'] {
    background: var(--green);
    color: var(--on-green);
    font-weight: 600;
  }
  td[data-rank='2'] {
    background: color-mix(in srgb, var(--green) 34%, var(--card));
  }
  td[data-rank='3'] {
    background: color-mix(in srgb, var(--green) 16%, var(--card));
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

/** Rank of each product under each school: a picture of who wins where. */
export function WinnersBySchool({
  bySchool,
  school,
  set,
  nameOf,
  ranked,
}: Pick<EvaluationView, 'bySchool' | 'school' | 'set' | 'nameOf' | 'ranked'>) {
  return (
    <>
      <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Winners by school">
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
                {bySchool.map((one) => {
                  const rank = one.ranked.findIndex((product) => product.id === id) + 1
                  const tied = one.leaders.length > 1 && one.leaders.some((product) => product.id === id)
                  return (
                    <td key={one.school.id} data-rank={tied ? 1 : rank || undefined}>
                      {rank === 0 ? <Small>not ranked</Small> : tied ? `${rank} tie` : rank}
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </Grid>
      </div>
      <Small>Dark: first, or tied with the first. Pick a school to judge by it.</Small>
    </>
  )
}
