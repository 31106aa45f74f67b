import { useMemo, useState } from 'react'
import { Link, useSearchParams, type ShouldRevalidateFunctionArgs } from 'react-router'
import { styled } from 'styled-components'
import { partLabel, parts } from '#core/catalogue/index.ts'
import { usablePoints } from '#core/claims/bounds.ts'
import { compareClaims, sayComparison } from '#core/claims/compare.ts'
import { faceOff, isText } from '#core/compare/face-off.ts'
import { sayCell } from '#core/compare/say-cell.ts'
import { groundsOf } from '#core/verdict/grounds.ts'
import { partsTaken, summarise } from '#core/verdict/summary.ts'
import { findApplication, listApplications } from '#app/data/applications.server.ts'
import { assessApplication } from '#app/data/assessments.server.ts'
import { claimsOf } from '#app/data/claim-pages.server.ts'
import { judgedLineup, type JudgedLineup } from '#app/data/judged.server.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { FacingView } from '#app/drawing/FacingView.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { SchoolBar } from '#app/features/verdict/SchoolBar.tsx'
import { columnName, useJudged } from '#app/features/verdict/useJudged.ts'
import { Button } from '#app/ui/Button.tsx'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { sayMoney } from '#app/ui/money.ts'
import { Pick } from '#app/ui/Pick.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/face-off'
import { found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Face-off, ${loaderData?.application.name ?? ''} · Plicator` },
]

export const loader = ({ params: { lineup } }: Route.LoaderArgs) => {
  const today = new Date().toISOString().slice(0, 10)
  return whileUnchanged(`face-off ${lineup} ${today}`, async () => {
    const application = found(await findApplication(lineup), 'This line-up')
    const [applications, judged, assessed, claims] = await Promise.all([
      listApplications(),
      judgedLineup(application, today),
      assessApplication(application.id),
      claimsOf(application.id),
    ])
    const drawings = judged.columns.map(({ specimen: id }) => {
      const { specimen, assessment } = assessed.find((one) => one.specimen.id === id)!
      return drawingData(specimen.form, assessment.known)
    })
    return {
      application,
      applications: applications.map(({ id, name }) => ({ id, name })),
      judged: JSON.stringify(judged),
      drawings,
      points: Object.fromEntries(claims.products.map(({ id, claims: own }) => [id, usablePoints(own)])),
    }
  })
}

export const shouldRevalidate = ({ currentUrl, nextUrl, defaultShouldRevalidate }: ShouldRevalidateFunctionArgs) =>
  currentUrl.pathname === nextUrl.pathname ? false : defaultShouldRevalidate

const Scores = styled.div`
  display: grid;
  grid-template-columns: 1fr auto 1fr;
  align-items: end;
  gap: 16px;
  > div:nth-of-type(2) {
    text-align: right;
  }
  strong {
    display: block;
    font: 600 44px/1 var(--label);
  }
`

const Bars = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 170px minmax(0, 1fr);
  gap: 4px 10px;
  align-items: center;
  span {
    text-align: center;
    font: 600 15px/1.2 var(--label);
  }
  i {
    display: block;
    height: 16px;
    border-radius: 3px;
    background: var(--green);
    font-style: normal;
  }
  i[data-side='b'] {
    background: var(--amber);
  }
  small {
    color: var(--ink-soft);
  }
  [role='cell'] {
    display: flex;
    align-items: center;
    gap: 6px;
  }
  [role='cell'][data-side='a'] {
    justify-content: flex-end;
  }
`

const Duels = styled(Table)`
  td:nth-child(2),
  th:nth-child(2) {
    text-align: right;
  }
  td:nth-child(3),
  th:nth-child(3) {
    text-align: center;
    white-space: nowrap;
    width: 150px;
  }
  tr[data-verdict='a'] td:nth-child(2),
  tr[data-verdict='b'] td:nth-child(4) {
    font-weight: 600;
  }
  tr[data-verdict='tie'] td {
    background: color-mix(in srgb, var(--line) 30%, transparent);
  }
`

const verdictWords = { a: '◀ takes it', b: 'takes it ▶', tie: '= tie', differs: '≠ differs', unknown: '? not known' }
const sizes = [10, 20, 30]

export default function FaceOff({
  loaderData: { application, applications, judged: text, drawings, points },
}: Route.ComponentProps) {
  const lineup = useMemo(() => JSON.parse(text) as JudgedLineup, [text])
  const judged = useJudged(application.form, lineup)
  const [search] = useSearchParams()
  const [everything, showEverything] = useState(false)
  const { units: system } = usePreferences()
  const best = judged.ranked.map(({ at }) => at)
  const indexOf = (key: string, fallback: number | undefined) => {
    const asked = lineup.columns.findIndex(({ id }) => id === search.get(key))
    return asked >= 0 ? asked : (fallback ?? 0)
  }
  const a = indexOf('a', best[0])
  const b = indexOf('b', best.find((at) => at !== a) ?? (a === 0 ? 1 : 0))
  const [first, second] = [lineup.columns[a], lineup.columns[b]]
  const head = (
    <LineupHead
      id={application.id}
      title={`Face-off: ${application.name}`}
      says="Two filters, part by part: who takes it, by how much, and what is too close to call."
      applications={applications}
      view="/face-off"
    />
  )
  if (!first || !second || a === b) {
    return (
      <Page>
        {head}
        <Card>
          <Soft>A face-off takes two filters with something recorded. Put a second one on the bench.</Soft>
        </Card>
      </Page>
    )
  }
  const [x, y] = [judged.all[a]!, judged.all[b]!]
  const names = { a: columnName(first), b: columnName(second) }
  const byFrom = new Map(x.score.lines.map(({ criterion }) => [criterion.from, criterion]))
  const duels = faceOff(lineup.rows, a, b, (key) => byFrom.get(key))
  const grounds = groundsOf(x, y, lineup.rows, lineup.columns, system)
  const taken = partsTaken(grounds)
  const widest = Math.max(0.1, ...taken.map(({ gain }) => Math.abs(gain)))
  const [priceA, priceB] = [first.facts['value.landed']?.low, second.facts['value.landed']?.low]
  const price =
    priceA === undefined || priceB === undefined || Math.abs(priceA - priceB) < 0.005
      ? undefined
      : {
          dearer: priceA > priceB ? ('a' as const) : ('b' as const),
          by: sayMoney(Math.round(Math.abs(priceA - priceB) * 100), lineup.currency),
        }
  const sentences = summarise(names, x, y, grounds, price)
  const shown = duels.filter(
    ({ verdict, key }) => everything || ((verdict === 'a' || verdict === 'b' || verdict === 'differs') && !isText(key)),
  )

  return (
    <Page>
      {head}
      <Card>
        <Stack $gap={14}>
          <Row>
            {(['a', 'b'] as const).map((key, index) => (
              <Pick
                key={key}
                name={index === 0 ? 'First filter' : 'Second filter'}
                value={index === 0 ? first.id : second.id}
                options={lineup.columns.map((column) => ({
                  value: column.id,
                  label: columnName(column),
                  disabled: column.id === (index === 0 ? second.id : first.id),
                }))}
                onPick={(id) => judged.set({ a: first.id, b: second.id, [key]: id })}
              />
            ))}
            <Button onPress={() => judged.set({ a: second.id, b: first.id })}>Swap</Button>
            <Button onPress={() => window.print()}>Print</Button>
          </Row>
          <SchoolBar data={lineup} judged={judged} />
          <div style={{ borderRadius: 10, overflow: 'hidden' }}>
            <FacingView
              a={{ name: names.a, data: drawings[a]! }}
              b={{ name: names.b, data: drawings[b]! }}
              width={1110}
              height={360}
              unit={system === 'metric' ? 'mm' : 'in'}
              title={`${names.a} above and ${names.b} below the axis, to one scale`}
            />
          </div>
          <Scores>
            {[
              { judge: x, column: first, name: names.a, money: priceA },
              { judge: y, column: second, name: names.b, money: priceB },
            ].map(({ judge, column, name, money }, index) => (
              <div key={column.id} style={{ gridColumn: index === 0 ? 1 : 3, gridRow: 1 }}>
                <strong>
                  <Link
                    to={`/lineups/${application.id}/score/${column.id}?${search}`}
                    style={{ textDecoration: 'none' }}
                  >
                    {judge.score.value === undefined ? '–' : judge.score.value.toFixed(0)}
                  </Link>
                </strong>
                {name}
                <br />
                <Small>
                  {[
                    money === undefined ? 'no price' : `${sayMoney(Math.round(money * 100), lineup.currency)} landed`,
                    column.given.length > 0 && `sample given by ${column.given.join(', ')}`,
                    column.specimens > 1 && `${column.specimens} specimens`,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Small>
              </div>
            ))}
            <Small style={{ gridColumn: 2, gridRow: 1 }}>of 100</Small>
          </Scores>
        </Stack>
      </Card>
      <Card>
        <Stack $gap={8}>
          <h2>In short</h2>
          {sentences.map(({ says, grounds: own }) => (
            <p key={says}>
              {says}{' '}
              {own.map(({ criterion, specimen }, index) => (
                <Small key={criterion.key}>
                  {index > 0 && ', '}
                  {specimen ? (
                    <Link to={`/specimens/${specimen}/values/${criterion.from}`}>{criterion.label.toLowerCase()}</Link>
                  ) : (
                    <Link to={`/lineups/${application.id}/${criterion.part === 'claims' ? 'claims' : 'money'}`}>
                      {criterion.label.toLowerCase()}
                    </Link>
                  )}
                </Small>
              ))}
            </p>
          ))}
        </Stack>
      </Card>
      {taken.length > 0 && (
        <Card>
          <Stack $gap={10}>
            <h2>Points won, by part</h2>
            <Bars role="table" aria-label="Points won by part">
              {taken.map(({ group, label, gain }) => (
                <div key={group} role="row" style={{ display: 'contents' }}>
                  <div role="cell" data-side="a">
                    {gain > 0 && (
                      <>
                        <small>{gain.toFixed(1)}</small>
                        <i style={{ width: `${(80 * gain) / widest}%` }} />
                      </>
                    )}
                  </div>
                  <span role="rowheader">{label}</span>
                  <div role="cell">
                    {gain < 0 && (
                      <>
                        <i data-side="b" style={{ width: `${(-80 * gain) / widest}%` }} />
                        <small>{(-gain).toFixed(1)}</small>
                      </>
                    )}
                  </div>
                </div>
              ))}
            </Bars>
          </Stack>
        </Card>
      )}
      <Card>
        <Stack $gap={10}>
          <Row $between>
            <h2>Part by part</h2>
            <Button onPress={() => showEverything(!everything)} aria-pressed={everything}>
              {everything ? 'Differences only' : `All ${duels.length} rows`}
            </Button>
          </Row>
          {shown.length === 0 && <Soft>No difference that is larger than its uncertainty.</Soft>}
          {parts
            .filter(({ key }) => shown.some(({ part }) => part === key))
            .map(({ key }) => (
              <Duels key={key} aria-label={partLabel(key)}>
                <thead>
                  <tr>
                    <th scope="col" style={{ width: '30%' }}>
                      {partLabel(key)}
                    </th>
                    <th scope="col">{names.a}</th>
                    <th scope="col">Who takes it</th>
                    <th scope="col">{names.b}</th>
                  </tr>
                </thead>
                <tbody>
                  {shown
                    .filter(({ part }) => part === key)
                    .map((duel) => (
                      <tr key={duel.key} data-verdict={duel.verdict}>
                        <td>{duel.label}</td>
                        {[duel.a, duel.b]
                          .map((cell, index) => (
                            <td key={index}>
                              {'evidence' in cell && (cell.evidence === 'inferred' || cell.evidence === 'claimed') && (
                                <EvidenceGlyph evidence={cell.evidence} />
                              )}
                              {'specimen' in cell ? (
                                <Link to={`/specimens/${cell.specimen}/values/${duel.key}`}>
                                  {sayCell(duel.key, cell, system)}
                                </Link>
                              ) : (
                                <Small>{sayCell(duel.key, cell, system)}</Small>
                              )}
                            </td>
                          ))
                          .toSpliced(
                            1,
                            0,
                            <td key="verdict">
                              {verdictWords[duel.verdict]}
                              {duel.gain > 0 && (
                                <>
                                  <br />
                                  <Small>by {duel.gain.toFixed(1)} of 10</Small>
                                </>
                              )}
                            </td>,
                          )}
                      </tr>
                    ))}
                </tbody>
              </Duels>
            ))}
        </Stack>
      </Card>
      <Card>
        <Stack $gap={6}>
          <h2>Claims</h2>
          {sizes.map((size) => (
            <p key={size}>
              {sayComparison(
                names.a,
                names.b,
                size * 1e-6,
                compareClaims(points[first.product] ?? [], points[second.product] ?? [], size * 1e-6),
              )}
            </p>
          ))}
          <Small>
            <Link to={`/lineups/${application.id}/claims`}>What the boxes say</Link>. The makers' words; none of it was
            tested here.
          </Small>
        </Stack>
      </Card>
      <Small>
        A judgement of construction and value, no filtration test. A tie is a difference within its uncertainty,
        unit-to-unit spread included.
      </Small>
    </Page>
  )
}
