import { href } from 'react-router'
import { currencies } from '#core/money/currency.ts'
import { findApplication } from '#app/data/applications.server.ts'
import { today } from '#app/data/clock.ts'
import { listDrivers } from '#app/data/drivers.server.ts'
import { moneyOverview } from '#app/data/money.server.ts'
import { addRate } from '#app/data/prices.server.ts'
import { lineupQuery } from '#app/data/lineup-query.server.ts'
import { rateSchema } from '#app/features/forms/price-fields.ts'
import { SameBuildLine } from '#app/features/kin/SameBuildLine.tsx'
import { FirstStepCard } from '#app/features/lineup/FirstStepCard.tsx'
import { LineupHead } from '#app/features/lineup/LineupHead.tsx'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { CostCard } from '#app/features/money/CostCard.tsx'
import { FleetCard } from '#app/features/money/FleetCard.tsx'
import { orderSizes } from '#app/features/money/order-sizes.ts'
import { MoneyMenus } from '#app/features/money/MoneyMenus.tsx'
import { RateForm } from '#app/features/money/RateForm.tsx'
import { StairsCard } from '#app/features/money/StairsCard.tsx'
import { TierCard } from '#app/features/money/TierCard.tsx'
import { ValueCard } from '#app/features/money/ValueCard.tsx'
import { useEvaluation } from '#app/features/verdict/useEvaluation.ts'
import * as texts from '#app/texts/money.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page, Small } from '#app/ui/layout.tsx'
import type { Route } from './+types/money'
import { accepted, fieldsOf, found, parseFields } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.moneyTitle }]

const money = lineupQuery(
  'money',
  async (id: string, day: string, of: { driver: string | null; buy: string | null; currency: string | null }) => {
    const application = await findApplication(id)
    if (!application) return undefined
    const drivers = await listDrivers()
    const driver = drivers.find((one) => one.id === of.driver) ?? drivers[0]
    const wanted = orderSizes.find((size) => size === Number(of.buy)) ?? 1
    const asked = currencies.find((one) => one === of.currency)
    const overview = await moneyOverview(application, driver, wanted, asked, day)
    return { drivers, driver, wanted, today: day, ...overview }
  },
)

export async function loader({ params, request }: Route.LoaderArgs) {
  const search = new URL(request.url).searchParams
  const preferred = (await readPreferences(request)).money
  const of = { driver: search.get('driver'), buy: search.get('buy'), currency: search.get('currency') ?? preferred }
  return found(await money(params.application, today(), of), texts.thisLineUp)
}

export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(rateSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const { id, ...rate } = parsed.value
  return additionRefusal(await addRate(id, rate), { message: texts.thisRateIsThereAlready }) ?? accepted()
}

export default function Money({ loaderData }: Route.ComponentProps) {
  const { application, evaluation } = useLineup()
  const { currency, rows, missingRates, driver } = loaderData
  const judged = useEvaluation()
  const names = new Map(rows.map(({ column }) => [column.id, [column.name, column.revision].filter(Boolean).join(' ')]))
  return (
    <Page>
      <LineupHead title={texts.money(application.name)} subtitle={texts.whatAFilterCostsWhenIt}>
        <MoneyMenus {...loaderData} />
        <ButtonLink to={href('/lineups/:application/price-list', { application: application.id })}>
          {texts.pasteAPriceList}
        </ButtonLink>
      </LineupHead>
      {evaluation.columns.length === 0 ? (
        <FirstStepCard>{texts.whatEachFilterCostsWhenIt}</FirstStepCard>
      ) : (
        <>
          {missingRates.map((base) => (
            <RateForm key={base} base={base} quote={currency} today={loaderData.today} />
          ))}
          <ValueCard {...loaderData} names={names} judged={judged} />
          <SameBuildLine />
          <StairsCard {...loaderData} names={names} />
          <CostCard {...loaderData} names={names} judged={judged} />
          <TierCard {...loaderData} names={names} />
          {driver && <FleetCard driver={driver} rows={rows} names={names} currency={currency} />}
        </>
      )}
      <Small>{texts.pricesAreTheShopsIntervalsAre(loaderData.method.version)}</Small>
    </Page>
  )
}
