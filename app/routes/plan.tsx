import { z } from 'zod'
import { millisecondsPerDay } from '#core/calendar.ts'
import { productIn } from '#core/named-product.ts'
import { findApplication, listApplicationNames, listApplicationsPage } from '#app/data/applications.server.ts'
import { now, today } from '#app/data/clock.ts'
import { knownPlans } from '#app/data/engine-plan.server.ts'
import { newId } from '#app/data/id.ts'
import { askedPage } from '#app/data/page-of-list.ts'
import { addPlannedDay, listPlannedDays, setDayDropped, setDone } from '#app/data/planned-days.server.ts'
import {
  addPurchases,
  arrive,
  findPurchase,
  listNamedProducts,
  listOpenPurchases,
  setDropped,
} from '#app/data/purchases.server.ts'
import { plannedDaySchema, wishesSchema, wishSchema } from '#app/features/forms/plan-fields.ts'
import { DaysCard } from '#app/features/plan/DaysCard.tsx'
import { PurchasesCard } from '#app/features/plan/PurchasesCard.tsx'
import { WorkCard } from '#app/features/plan/WorkCard.tsx'
import * as texts from '#app/texts/plan.ts'
import { Page, Soft, Stack } from '#app/ui/layout.tsx'
import { Pages } from '#app/ui/Pages.tsx'
import type { Route } from './+types/plan'
import { accepted, fieldsOf, found, parseFields, refused, refusedField } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.planTitle }]

const enginesAtOnce = 12
/** So many lines of work may be put on the list. */
const mostWishes = 15
/** So long what was done stays in sight. */
const doneFor = 7 * millisecondsPerDay

export async function loader({ request }: Route.LoaderArgs) {
  const page = askedPage(new URL(request.url).searchParams)
  const { applications, total } = await listApplicationsPage(page, enginesAtOnce)
  const engines = applications.map(({ id, name }) => ({ id, name }))
  const [purchases, days, names] = await Promise.all([
    listOpenPurchases(),
    listPlannedDays(new Date(Date.parse(now()) - doneFor).toISOString()),
    listApplicationNames(''),
  ])
  return {
    ...{ engines, page, size: enginesAtOnce, total, purchases, days, names },
    known: await knownPlans(engines.map(({ id }) => id)),
    ids: Array.from({ length: mostWishes }, () => newId()),
    ...{ wishId: newId(), dayId: newId(), today: today() },
  }
}

type Typed = Awaited<ReturnType<typeof fieldsOf>>

export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent === 'wish') return wish(typed)
  if (typed.intent === 'wishes') return wishes(typed)
  if (typed.intent === 'day') return planDay(typed)
  const { id } = z.object({ id: z.string().max(24).catch('') }).parse(typed)
  if (typed.intent === 'arrived') return arrived(id)
  if (typed.intent === 'drop-day' || typed.intent === 'bring-day-back') {
    await setDayDropped(id, typed.intent === 'drop-day')
    return accepted(typed.intent === 'drop-day' ? { droppedDay: id } : {})
  }
  if (typed.intent === 'drop' || typed.intent === 'bring-back') return drop(id, typed.intent === 'drop')
  if (typed.intent !== 'done' && typed.intent !== 'not-done') return refused(texts.thereIsNothingOfThatKind)
  await setDone(id, typed.intent === 'done')
  return accepted()
}

async function wish(typed: Typed) {
  const parsed = parseFields(wishSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { id, filter, count, reason } = parsed.value
  const product = productIn(filter, await listNamedProducts())
  if (!product) return refusedField('filter', texts.noOneFilterIsCalledHere(filter))
  const added = await addPurchases(id, [{ id, productId: product.id, count, reason }])
  return additionRefusal(added, { message: texts.thisIsOnTheListAlready }) ?? accepted({ added: id })
}

/** What is proposed goes on the list, all of it or nothing. */
async function wishes(typed: Typed) {
  const parsed = parseFields(wishesSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { id, wishes: wanted, reason } = parsed.value
  const known = new Set((await listNamedProducts()).map((product) => product.id))
  if (wanted.some(({ productId }) => !known.has(productId))) return refused(texts.thatFilterIsNotHereAny)
  const added = await addPurchases(
    id,
    wanted.map((one, at) => ({ ...one, reason, id: at === 0 ? id : `${id}${at}` })),
  )
  return additionRefusal(added, { message: texts.thisIsOnTheListAlready }) ?? accepted()
}

async function planDay(typed: Typed) {
  const parsed = parseFields(plannedDaySchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { id, day, words, applicationId } = parsed.value
  if (applicationId && !(await findApplication(applicationId)))
    return refusedField('applicationId', texts.thatEngineIsNotHereAny)
  const added = await addPlannedDay({ id, day, words, applicationId: applicationId || null })
  return additionRefusal(added, { message: texts.thisIsThereAlready }) ?? accepted({ added: id })
}

async function arrived(id: string) {
  const { brand, partNumber } = found(await findPurchase(id), texts.thisPurchase)
  const came = await arrive(id, today())
  if (came === 'gone') return refused(texts.itHasArrivedBeforeOrIs)
  return accepted({ arrived: { name: `${brand} ${partNumber}`, specimens: came.specimens } })
}

async function drop(id: string, isDropped: boolean) {
  const { brand, partNumber } = found(await findPurchase(id), texts.thisPurchase)
  await setDropped(id, isDropped)
  return accepted(isDropped ? { dropped: { id, name: `${brand} ${partNumber}` } } : {})
}

export default function Plan({ loaderData }: Route.ComponentProps) {
  const { engines, known, purchases, days, names, ids, wishId, dayId, today: day, ...pages } = loaderData
  const listed = new Set(purchases.map(({ productId }) => productId))
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.plan}</h1>
        <Soft>{texts.whatIsWorthDoingNextWhat}</Soft>
      </Stack>
      <WorkCard engines={engines} known={known} listed={listed} ids={ids} />
      <Pages {...pages} noun="engine" />
      <PurchasesCard purchases={purchases} id={wishId} today={day} />
      <DaysCard days={days} purchases={purchases} engines={names} id={dayId} today={day} />
    </Page>
  )
}
