import { parseWithZod } from '@conform-to/zod/v4'
import { useCallback, useMemo } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { styled } from 'styled-components'
import { fromSI } from '#core/quantity/convert.ts'
import { formatFixed, formatQuantity } from '#core/quantity/format.ts'
import { duties } from '#core/money/driver.ts'
import { findApplication, listApplications } from '#app/data/applications.server.ts'
import { listDrivers } from '#app/data/drivers.server.ts'
import { moneyOf } from '#app/data/money.server.ts'
import { addRate } from '#app/data/prices.server.ts'
import { whileUnchanged } from '#app/data/unchanged.server.ts'
import { currencies } from '#app/features/forms/labels.ts'
import { rateSchema } from '#app/features/forms/market-schemas.ts'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { RateForm } from '#app/features/money/RateForm.tsx'
import { Steps } from '#app/features/money/Steps.tsx'
import { ValueChart, type ValuePoint } from '#app/features/money/ValueChart.tsx'
import { Card, Page, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { sayMoney } from '#app/ui/money.ts'
import { namedOptions, Pick } from '#app/ui/Pick.tsx'
import { Table } from '#app/ui/Table.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import type { Route } from './+types/money'
import { formDataOf, found } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `Money, ${loaderData?.application.name ?? ''} · Plicator` },
]

const counts = [1, 2, 4, 6, 12, 24, 100]

export async function loader({ params, request }: Route.LoaderArgs) {
  const search = new URL(request.url).searchParams
  const today = new Date().toISOString().slice(0, 10)
  return whileUnchanged(`money ${params.lineup} ${search} ${today}`, async () => {
    const application = found(await findApplication(params.lineup), 'This line-up')
    const [applications, drivers] = await Promise.all([listApplications(), listDrivers()])
    const driver = drivers.find(({ id }) => id === search.get('driver')) ?? drivers[0]
    const wanted = counts.find((count) => count === Number(search.get('buy'))) ?? 1
    const currency = currencies.find((one) => one === search.get('currency'))
    return {
      application,
      applications: applications.map(({ id, name }) => ({ id, name })),
      drivers,
      driver,
      wanted,
      today,
      ...(await moneyOf(application, driver, wanted, currency, today)),
    }
  })
}

export async function action({ request }: Route.ActionArgs) {
  const submission = parseWithZod(await formDataOf(request), { schema: rateSchema })
  if (submission.status !== 'success') return { result: submission.reply() }
  await addRate(submission.value)
  return { result: submission.reply() }
}

const Figures = styled(Table)`
  td:first-child {
    min-width: 150px;
  }
  td:nth-child(n + 4) {
    white-space: nowrap;
  }
`

const limitWords = { claim: 'the claim', manual: 'the manual', habit: 'your habit' }

export default function Money({
  loaderData: {
    application,
    applications,
    drivers,
    driver,
    wanted,
    today,
    currency,
    rows,
    missingRates,
    rules,
    steps,
    efficient,
  },
}: Route.ComponentProps) {
  const [search, setSearch] = useSearchParams()
  const navigate = useNavigate()
  const { units: system } = usePreferences()
  const [far, perWords] = system === 'metric' ? (['km', '10,000 km'] as const) : (['mi', '10,000 mi'] as const)
  const scale = system === 'metric' ? 1 : 1.609344
  const set = (key: string, value: string) =>
    setSearch((now) => new URLSearchParams({ ...Object.fromEntries(now), [key]: value }), {
      replace: true,
      preventScrollReset: true,
    })
  const byCost = search.get('against') !== 'price' && driver !== undefined
  const costName = byCost ? `cost for ${perWords}, ${currency}` : `landed price, ${currency}`
  const names = useMemo(
    () => new Map(rows.map(({ column }) => [column.id, [column.name, column.revision].filter(Boolean).join(' ')])),
    [rows],
  )
  const points = useMemo(
    () =>
      rows.flatMap(({ column, offered, cost }): ValuePoint[] => {
        const money = byCost ? cost && cost.perDistance * scale : offered?.unit
        return money === undefined || column.score.value === undefined
          ? []
          : [
              {
                id: column.id,
                name: names.get(column.id)!,
                cost: money / 100,
                score: column.score.value,
                low: column.score.low,
                high: column.score.high,
                link: `/specimens/${column.specimen}/score`,
              },
            ]
      }),
    [rows, byCost, scale, names],
  )
  const open = useCallback((link: string) => void navigate(link), [navigate])
  const sorted = [...rows].sort(
    (a, b) =>
      (a.cost?.perDistance ?? a.offered?.unit ?? Infinity) - (b.cost?.perDistance ?? b.offered?.unit ?? Infinity),
  )
  const fleet = driver
    ? rows
        .flatMap(({ column, cost }) =>
          cost ? [{ column, changes: cost.changesAYear * driver.vehicles, money: cost.aYear * driver.vehicles }] : [],
        )
        .sort((a, b) => a.money - b.money)
    : []

  return (
    <Page>
      <LineupHead
        id={application.id}
        title={`Money: ${application.name}`}
        says="What a filter costs when it has arrived, how long you may use it, and what the next better one buys."
        applications={applications}
        view="/money"
      />
      {missingRates.map((from) => (
        <RateForm key={from} from={from} to={currency} today={today} />
      ))}
      <Card>
        <Stack $gap={14}>
          <Row>
            <Pick
              label="Driver"
              value={driver?.id ?? ''}
              options={drivers.length === 0 ? [{ value: '', label: 'none yet' }] : namedOptions(drivers)}
              onPick={(id) => set('driver', id)}
            />
            <Pick
              label="buys at once"
              value={String(wanted)}
              options={counts.map((count) => ({ value: String(count), label: count }))}
              onPick={(count) => set('buy', count)}
            />
            <Pick
              label="in"
              value={currency}
              options={currencies.map((one) => ({ value: one, label: one }))}
              onPick={(one) => set('currency', one)}
            />
            <Link to="/drivers">Drivers</Link>
          </Row>
          {driver ? (
            <div>
              <Small>
                {driver.name}: {formatQuantity(driver.distance, far)} a year,{' '}
                {duties.find(({ key }) => key === driver.duty)!.label.toLowerCase()} duty
                {driver.vehicles > 1 && `, ${driver.vehicles} vehicles`}. {rules.map(({ says }) => says).join(' ')}
              </Small>
            </div>
          ) : (
            <Soft>
              <Link to="/drivers">Add a driver</Link> to see the usable interval and what a year costs.
            </Soft>
          )}
          <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Prices">
            <Figures>
              <thead>
                <tr>
                  <th scope="col">Product</th>
                  <th scope="col">Landed, each</th>
                  <th scope="col">Usable interval</th>
                  <th scope="col">For {perWords}</th>
                  <th scope="col">A year</th>
                  <th scope="col">Paid for, not used</th>
                  <th scope="col">Area for one {currency}</th>
                  <th scope="col">Score</th>
                </tr>
              </thead>
              <tbody>
                {sorted.map(({ column, offered, unconverted, interval, cost, areaPerMoney }) => (
                  <tr key={column.id}>
                    <td>
                      <Link to={`/products/${column.product}/prices`}>{names.get(column.id)}</Link>
                      {column.given.length > 0 && (
                        <>
                          <br />
                          <Small>sample given by {column.given.join(', ')}</Small>
                        </>
                      )}
                    </td>
                    <td>
                      {offered ? (
                        <>
                          <strong>{sayMoney(Math.round(offered.unit), currency)}</strong>
                          <br />
                          <Small>
                            {[
                              `${sayMoney(offered.price.minor, offered.price.currency)}${offered.price.count > 1 ? ` for ${offered.price.count}` : ''}, ${offered.price.shop}`,
                              offered.landed.freight > 0 &&
                                `freight ${sayMoney(Math.round(offered.landed.freight), offered.price.currency)}`,
                              offered.landed.filters > wanted && `${offered.landed.filters - wanted} left over`,
                              offered.price.extrasMinor > 0 &&
                                `${offered.price.extras} worth ${sayMoney(offered.price.extrasMinor, offered.price.currency)} off`,
                              offered.price.currency !== currency &&
                                `at ${offered.rate.toPrecision(4)} of ${offered.rateOn}`,
                            ]
                              .filter(Boolean)
                              .join('; ')}
                          </Small>
                          {offered.stale && (
                            <>
                              <br />
                              <Small>stale: {offered.age} days old</Small>
                            </>
                          )}
                        </>
                      ) : (
                        <Small>
                          {unconverted.length > 0 ? `in ${unconverted.join(' and ')}: needs a rate` : 'no price'}
                        </Small>
                      )}
                    </td>
                    <td>
                      {interval ? (
                        <>
                          {formatQuantity(interval.distance, far)}
                          <br />
                          <Small>
                            set by {limitWords[interval.limit]}
                            {interval.claimFails && `; the claim does not count: ${interval.claimFails}`}
                          </Small>
                        </>
                      ) : (
                        <Small>not known</Small>
                      )}
                    </td>
                    <td>{cost ? sayMoney(Math.round(cost.perDistance * scale), currency) : '–'}</td>
                    <td>{cost ? sayMoney(Math.round(cost.aYear), currency) : '–'}</td>
                    <td>{interval && interval.unused > 0 ? formatQuantity(interval.unused, far) : '–'}</td>
                    <td>
                      {areaPerMoney === undefined
                        ? '–'
                        : `${formatFixed(fromSI(areaPerMoney, system === 'metric' ? 'cm²' : 'in²'), 0)} ${system === 'metric' ? 'cm²' : 'in²'}`}
                    </td>
                    <td>
                      {column.score.value === undefined ? '–' : Math.round(column.score.value)}
                      {column.score.veto && (
                        <>
                          <br />
                          <Small>{column.score.veto}</Small>
                        </>
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Figures>
          </div>
        </Stack>
      </Card>
      {points.length > 1 && (
        <Card>
          <Stack $gap={10}>
            <Row $between>
              <h2>Value</h2>
              {driver && (
                <Pick
                  name="Against"
                  value={byCost ? 'cost' : 'price'}
                  options={[
                    { value: 'cost', label: `cost for ${perWords}` },
                    { value: 'price', label: 'landed price' },
                  ]}
                  onPick={(against) => set('against', against)}
                />
              )}
            </Row>
            <Soft>Bars show what the score may be while something is not known. Pick a point to open its score.</Soft>
            <ValueChart points={points} efficient={efficient} costName={costName} onOpen={open} />
          </Stack>
        </Card>
      )}
      <Card>
        <Stack $gap={10}>
          <h2>What the next step buys</h2>
          <Soft>
            Between the tiers of one brand, and from the cheapest that passes. Differences within their uncertainty are
            left out; weights are those of this driver.
          </Soft>
          <Steps steps={steps} names={names} currency={currency} />
        </Stack>
      </Card>
      {driver && driver.vehicles > 1 && fleet.length > 0 && (
        <Card>
          <Stack $gap={10}>
            <h2>{driver.vehicles} vehicles, a year</h2>
            <Table>
              <thead>
                <tr>
                  <th scope="col">Product</th>
                  <th scope="col">Filters</th>
                  <th scope="col">Cost</th>
                  <th scope="col">More than the least</th>
                </tr>
              </thead>
              <tbody>
                {fleet.map(({ column, changes, money }) => (
                  <tr key={column.id}>
                    <td>{names.get(column.id)}</td>
                    <td>{Math.ceil(changes)}</td>
                    <td>{sayMoney(Math.round(money), currency)}</td>
                    <td>{money === fleet[0]!.money ? '–' : sayMoney(Math.round(money - fleet[0]!.money), currency)}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </Stack>
        </Card>
      )}
      <Small>
        Prices are the shops'; intervals are claims, the manual's or your own. The engine maker's manual comes first.
      </Small>
    </Page>
  )
}
