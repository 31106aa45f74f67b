import { z } from 'zod'
import { millisecondsPerDay } from '#core/calendar.ts'
import { listApplications } from '#app/data/applications.server.ts'
import { today } from '#app/data/clock.ts'
import { newId } from '#app/data/id.ts'
import { addPlannedDay } from '#app/data/planned-days.server.ts'
import { addPurchases, changePurchase } from '#app/data/purchases.server.ts'

/** What the demo means to buy and to do: days are counted from the day on which it is loaded. */
const planFile = z.object({
  purchases: z.array(
    z.object({
      partNumber: z.string(),
      count: z.int(),
      reason: z.string(),
      order: z
        .object({
          shop: z.string(),
          priceMinor: z.int(),
          currency: z.string(),
          orderedIn: z.int(),
          expectedIn: z.int(),
        })
        .optional(),
    }),
  ),
  days: z.array(z.object({ in: z.int(), words: z.string(), engine: z.string().optional() })),
})

const dayIn = (days: number): string =>
  new Date(Date.parse(today()) + days * millisecondsPerDay).toISOString().slice(0, 10)

/** Loads what is to be bought and done, for products that are loaded. */
export async function loadPlan(file: unknown, products: ReadonlyMap<string, string>): Promise<void> {
  const { purchases, days } = planFile.parse(file)
  for (const { partNumber, count, reason, order } of purchases) {
    const productId = products.get(partNumber)
    if (!productId) throw new Error(`The plan names ${partNumber}, which is not in the demo`)
    const id = newId()
    await addPurchases(id, [{ id, productId, count, reason }])
    if (!order) continue
    const { orderedIn, expectedIn, ...paid } = order
    const on = { orderedOn: dayIn(orderedIn), expectedOn: dayIn(expectedIn) }
    await changePurchase({ id, count, reason, ...paid, ...on, rawInput: {} }, 1)
  }
  const engines = new Map((await listApplications()).map(({ id, name }) => [name, id]))
  for (const { in: ahead, words, engine } of days)
    await addPlannedDay({ id: newId(), day: dayIn(ahead), words, applicationId: engines.get(engine ?? '') ?? null })
}
