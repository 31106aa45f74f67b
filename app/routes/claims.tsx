import { useMemo } from 'react'
import { data, useSearchParams } from 'react-router'
import { styled } from 'styled-components'
import { betaRatio } from '#core/claims/beta.ts'
import { boundsAt, interpolate, usablePoints } from '#core/claims/bounds.ts'
import { compareClaims, sayBounds, sayComparison, saySize } from '#core/claims/compare.ts'
import { formatFixed, formatQuantity } from '#core/quantity/format.ts'
import { listApplications, findApplication } from '#app/data/applications.server.ts'
import { claimsOf } from '#app/data/claim-pages.server.ts'
import { decide, findClaim, undecide } from '#app/data/claims.server.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { BoundsChart } from '#app/features/claims/BoundsChart.tsx'
import { ClaimCard } from '#app/features/claims/ClaimCard.tsx'
import { ContradictionCard } from '#app/features/claims/ContradictionCard.tsx'
import { decisionSchema } from '#app/features/forms/market-schemas.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, Pick } from '#app/ui/Pick.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/claims'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Box claims, ${loaderData?.application.name ?? ''} · Plicator` },
]

export const loader = ({ params: { lineup } }: Route.LoaderArgs) =>
  whileUnchanged(`claims ${lineup}`, async () => {
    const application = found(await findApplication(lineup), 'This line-up')
    const [applications, claims] = await Promise.all([listApplications(), claimsOf(application.id)])
    return { application, applications: applications.map(({ id, name }) => ({ id, name })), ...claims }
  })

export async function action({ request }: Route.ActionArgs) {
  const fields = Object.fromEntries(await formDataOf(request))
  if (fields.intent === 'undecide') {
    const parsed = decisionSchema.pick({ product: true, kind: true }).safeParse(fields)
    if (parsed.success) await undecide(parsed.data.product, parsed.data.kind)
    return { fault: '' }
  }
  const parsed = decisionSchema.safeParse(fields)
  if (!parsed.success) return data({ fault: parsed.error.issues[0]!.message }, { status: 422 })
  const claim = await findClaim(parsed.data.claim)
  if (claim?.product !== parsed.data.product || claim.kind !== parsed.data.kind)
    return data({ fault: 'That claim is not there any more.' }, { status: 422 })
  await decide(parsed.data)
  return { fault: '' }
}

const sizes = [5, 10, 15, 20, 25, 30, 40]

const Sizes = styled(Table)`
  th,
  td {
    text-align: right;
    white-space: nowrap;
  }
  th:first-child,
  td:first-child {
    text-align: left;
    white-space: normal;
  }
  td[data-exact] {
    font-weight: 600;
  }
`

const Matrix = styled(Table)`
  width: auto;
  th,
  td {
    padding: 4px 10px;
    text-align: center;
  }
  th[scope='row'] {
    text-align: left;
  }
  button {
    min-width: 44px;
    min-height: 36px;
    border: 1px solid transparent;
    border-radius: 6px;
    background: none;
    cursor: pointer;
    &:hover,
    &[aria-pressed='true'] {
      border-color: var(--line-strong);
      background: var(--green-soft);
    }
  }
`

const verdicts = {
  ahead: { glyph: '▲', words: 'ahead' },
  behind: { glyph: '▽', words: 'behind' },
  same: { glyph: '=', words: 'the same' },
  'not-comparable': { glyph: '·', words: 'cannot be compared' },
}

export default function Claims({
  loaderData: { application, applications, products, capacities },
}: Route.ComponentProps) {
  const [search, setSearch] = useSearchParams()
  const claiming = useMemo(
    () =>
      products
        .map(({ id, name, claims }) => ({ id, name, points: usablePoints(claims) }))
        .filter(({ points }) => points.length > 0),
    [products],
  )
  const size = sizes.find((one) => one === Number(search.get('size'))) ?? 20
  const pick = (key: string, fallback: number) =>
    claiming.find(({ id }) => id === search.get(key)) ?? claiming[fallback]
  const [a, b] = [pick('a', 0), pick('b', 1)]
  const pair = useMemo(() => [a, b].filter((one) => one !== undefined), [a, b])
  const set = (changes: Record<string, string>) =>
    setSearch((now) => new URLSearchParams({ ...Object.fromEntries(now), ...changes }), {
      replace: true,
      preventScrollReset: true,
    })
  const contradictions = products.flatMap(({ name, contradictions: those }) => those.map((one) => ({ name, one })))
  const nameOf = (id: string) => products.find((product) => product.id === id)!.name

  return (
    <Page>
      <LineupHead
        id={application.id}
        title={`Box claims: ${application.name}`}
        says="What is promised, word for word, and what can honestly be compared. None of it was tested here."
        applications={applications}
        view="/claims"
      />
      {contradictions.length > 0 && (
        <Card>
          <Stack $gap={18}>
            <h2>Contradictions</h2>
            {contradictions.map(({ name, one }) => (
              <ContradictionCard
                key={`${one.product} ${one.kind} ${one.uses.id} ${one.decided?.at ?? ''}`}
                name={name}
                contradiction={one}
              />
            ))}
          </Stack>
        </Card>
      )}
      <Card>
        <Stack $gap={14}>
          <h2>Efficiency: what follows at each particle size</h2>
          <Soft>
            Smaller particles are harder. A filter that stops 98.7 % at 20 µm stops at least that above 20 µm and at
            most that below; nothing more follows.
          </Soft>
          {claiming.length === 0 ? (
            <p>No claim names both a percentage and a particle size, so there is nothing to compare.</p>
          ) : (
            <>
              <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Bounds at each size">
                <Sizes>
                  <thead>
                    <tr>
                      <th scope="col">Product</th>
                      {sizes.map((micrometres) => (
                        <th key={micrometres} scope="col">
                          {micrometres} µm
                        </th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    {claiming.map(({ id, name, points }) => (
                      <tr key={id}>
                        <td>{name}</td>
                        {sizes.map((micrometres) => {
                          const bounds = boundsAt(points, micrometres * 1e-6)
                          const exact = bounds.lower === bounds.upper
                          const between = exact ? undefined : interpolate(points, micrometres * 1e-6)
                          return (
                            <td key={micrometres} data-exact={exact || undefined}>
                              {sayBounds(bounds)}
                              {exact && bounds.lower < 1 && (
                                <>
                                  <br />
                                  <Small>
                                    beta {formatFixed(betaRatio(bounds.lower), betaRatio(bounds.lower) < 10 ? 1 : 0)}
                                  </Small>
                                </>
                              )}
                              {between !== undefined && (
                                <>
                                  <br />
                                  <Small>about {formatFixed(between * 100, 0)} % between its own two</Small>
                                </>
                              )}
                            </td>
                          )
                        })}
                      </tr>
                    ))}
                  </tbody>
                </Sizes>
              </div>
              <Row>
                <Pick
                  label="Put"
                  value={a?.id ?? ''}
                  options={namedOptions(claiming)}
                  onPick={(id) => set({ a: id })}
                />
                <Pick
                  label="against"
                  value={b?.id ?? ''}
                  options={namedOptions(claiming)}
                  onPick={(id) => set({ b: id })}
                />
                <Pick
                  label="at"
                  value={String(size)}
                  options={sizes.map((micrometres) => ({ value: String(micrometres), label: `${micrometres} µm` }))}
                  onPick={(micrometres) => set({ size: micrometres })}
                />
              </Row>
              {a && b && a !== b && (
                <p role="status" style={{ font: '600 20px/1.3 var(--label)' }}>
                  {sayComparison(a.name, b.name, size * 1e-6, compareClaims(a.points, b.points, size * 1e-6))}
                </p>
              )}
              {pair.length > 0 && <BoundsChart products={pair} />}
              {claiming.length > 1 && (
                <details>
                  <summary style={{ minHeight: 44, cursor: 'pointer', font: '600 17px/44px var(--label)' }}>
                    All pairs at {saySize(size * 1e-6)}
                  </summary>
                  <Small>Row against column: ▲ ahead, ▽ behind, = the same, · cannot be compared.</Small>
                  <div style={{ overflowX: 'auto' }}>
                    <Matrix>
                      <thead>
                        <tr>
                          <td />
                          {claiming.map(({ id, name }) => (
                            <th key={id} scope="col">
                              {name}
                            </th>
                          ))}
                        </tr>
                      </thead>
                      <tbody>
                        {claiming.map((one) => (
                          <tr key={one.id}>
                            <th scope="row">{one.name}</th>
                            {claiming.map((other) => {
                              if (one === other) return <td key={other.id} />
                              const { glyph, words } =
                                verdicts[compareClaims(one.points, other.points, size * 1e-6).verdict]
                              return (
                                <td key={other.id}>
                                  <button
                                    type="button"
                                    aria-pressed={one === a && other === b}
                                    aria-label={`${glyph} ${one.name} against ${other.name}: ${words}`}
                                    onClick={() => set({ a: one.id, b: other.id })}
                                  >
                                    {glyph}
                                  </button>
                                </td>
                              )
                            })}
                          </tr>
                        ))}
                      </tbody>
                    </Matrix>
                  </div>
                </details>
              )}
            </>
          )}
        </Stack>
      </Card>
      {capacities.length > 0 && (
        <Card>
          <Stack $gap={10}>
            <h2>Claimed capacity over measured area</h2>
            <Table>
              <tbody>
                {capacities.map(({ product, perArea, times, standsOut }) => (
                  <tr key={product}>
                    <td>{nameOf(product)}</td>
                    <td>{formatQuantity(perArea, 'g/m²')}</td>
                    <td>
                      {standsOut ? (
                        <strong>{times.toFixed(1)} times the middle of the line-up: hard to believe</strong>
                      ) : (
                        `${times.toFixed(1)} times the middle`
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </Stack>
        </Card>
      )}
      {products.map((product) => (
        <ClaimCard key={product.id} product={product} />
      ))}
    </Page>
  )
}
