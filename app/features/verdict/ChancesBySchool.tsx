import { styled } from 'styled-components'
import * as texts from '#app/texts/schools.ts'
import { Table } from '#app/ui/Table.tsx'
import { Small } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

const Grid = styled(Table)`
  table-layout: fixed;
  width: 100%;
  min-width: 540px;
  border-collapse: separate;
  border-spacing: 3px;
  td,
  th {
    padding: 0;
    border: 0;
    text-align: center;
    vertical-align: middle;
  }
  thead th {
    vertical-align: bottom;
  }
  th:first-child {
    width: 24%;
    padding-right: 6px;
    overflow: hidden;
    font: 600 15px/1.15 var(--label);
    color: var(--ink);
    text-align: right;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  td {
    height: 26px;
    border-radius: 4px;
    font-size: 13px;
    font-variant-numeric: tabular-nums;
  }
  td[data-first] {
    font-weight: 700;
    box-shadow: inset 0 0 0 2px var(--green);
  }
  button {
    width: 100%;
    min-height: 44px;
    padding: 0;
    border: 0;
    background: none;
    font: 500 14px/1.05 var(--label);
    cursor: pointer;
  }
  button[aria-pressed='true'] {
    font-weight: 700;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
`

/** Whoever is first less often than this by every school is left out. */
const leastShown = 0.005

const inPercent = (chance: number): string =>
  chance < leastShown ? '·' : chance > 1 - leastShown ? '> 99' : String(Math.max(1, Math.round(100 * chance)))

/** How dark a chance is painted, so that ink stays readable on it. */
const shadeOf = (chance: number): string => `color-mix(in srgb, var(--green) ${Math.round(45 * chance)}%, var(--card))`

type Props = Pick<EvaluationView, 'bySchool' | 'school' | 'set' | 'nameOf' | 'ranked'>

/** Chance of being first of each product under each school: a picture of who wins where. */
export function ChancesBySchool({ bySchool, school, set, nameOf, ranked }: Props) {
  const chanceOf = (id: string) => Math.max(0, ...bySchool.map(({ chances }) => chances.get(id) ?? 0))
  const shown = ranked.filter(({ id }) => chanceOf(id) >= leastShown || bySchool.some(({ call }) => !call))
  const hidden = ranked.length - shown.length
  return (
    <>
      <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.chancesBySchool}>
        <Grid>
          <thead>
            <tr>
              <th scope="col">{texts.product}</th>
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
            {shown.map(({ id }) => (
              <tr key={id}>
                <th scope="row" title={nameOf(id)}>
                  {nameOf(id)}
                </th>
                {bySchool.map(({ school: one, call, chances }) => {
                  const chance = chances.get(id)
                  return (
                    <td
                      key={one.id}
                      data-first={call?.named[0]?.id === id || undefined}
                      style={chance === undefined ? undefined : { background: shadeOf(chance) }}
                    >
                      {chance === undefined ? (call ? '–' : '…') : inPercent(chance)}
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </Grid>
      </div>
      <Small>
        {texts.of100DrawsTheLikeliestOf}
        {hidden > 0 && texts.othersAreFirstByNoSchool(hidden)}
      </Small>
    </>
  )
}
