import { z } from 'zod'
import { millisecondsPerDay } from '#core/calendar.ts'
import { currencies, minorUnitDigits, toMinor } from '#core/money/currency.ts'
import { plainText } from '#core/plain-text.ts'
import { parseInterval, type Interval } from '#core/quantity/interval.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { parseNumber } from '#core/quantity/number.ts'
import { parseQuantity } from '#core/quantity/parse.ts'
import type { Dimension } from '#core/quantity/units.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { idPattern } from '#app/data/id.ts'
import * as texts from '#app/texts/forms.ts'

/** Pieces that the schemas of the forms are made of; each says what is wrong in the user's words. */

export const id = z.string().regex(idPattern, texts.thisPageIsOutOfDate)

export const line = (name: string, most: number) =>
  z
    .string({ error: texts.isMissing(name) })
    .overwrite(plainText)
    .trim()
    .min(1, texts.isMissing(name))
    .max(most, texts.isTooLongAtMostCharacters(name, most))

export const optionalLine = (name: string, most: number) =>
  z.string().overwrite(plainText).trim().max(most, texts.isTooLongAtMostCharacters(name, most)).default('')

export const oneOf = <const T extends readonly [string, ...string[]]>(values: T, message: string) =>
  z.enum(values, { error: message })

/** A key out of a list of things that have one. */
export const keyOf = <K extends string>(list: readonly { key: K }[], message: string) =>
  z.enum(list.map(({ key }) => key) as [K, ...K[]], { error: message })

/** Text that may be left empty, parsed by a function of core: null when empty, its message when it cannot be. */
const optional = <T>(name: string, parse: (text: string) => Result<T>) =>
  z
    .string()
    .trim()
    .max(40, texts.isTooLong(name))
    .default('')
    .transform((text, context): T | null => {
      if (text === '') return null
      const parsed = parse(text)
      if (parsed.ok) return parsed.value
      context.addIssue(parsed.problem.message)
      return z.NEVER
    })

/** A field that must be filled. */
export const filled = <T>(schema: z.ZodType<T | null, string | undefined>, message: string) =>
  schema.transform((value, context): T => {
    if (value !== null) return value
    context.addIssue(message)
    return z.NEVER
  })

/** How a quantity of a form is read: its units, the usual one first, and the range in SI that it lies in. */
export interface QuantityField {
  name: string
  dimension: Dimension
  units: readonly [string, ...string[]]
  range: readonly [number, number]
}

/** A quantity that may be left open: typed in shop notation, kept in SI. */
export const optionalQuantity = ({ name, dimension, units, range: [low, high] }: QuantityField) =>
  optional(name, (text) => {
    const [unit] = units
    const parsed = parseQuantity(text, { dimension, unit, name, units })
    if (!parsed.ok) return parsed
    const { si } = parsed.value
    if (si >= low && si <= high) return ok(si)
    const limits = texts.and(formatQuantity(low, unit), formatQuantity(high, unit))
    return problem('range', texts.cannotBeTheItLiesBetween(text, name.toLowerCase(), limits))
  })

/** More than any filter costs, in any currency. */
const largestAmount = 100_000

/** An amount of money that may be left open, in the currency's own unit; {@link minorAmount} makes it whole. */
export const optionalMoney = (name: string) =>
  optional(name, (text) => {
    const parsed = parseNumber(text)
    if (!parsed.ok)
      return parsed.problem.code === 'ambiguous-comma'
        ? parsed
        : problem('not-money', texts.isNoAmountOfMoneyWrite(text))
    if (parsed.value < 0) return problem('negative', texts.cannotBeBelowZero(name))
    if (parsed.value > largestAmount) return problem('absurd', texts.isMoreThanAnyFilterCosts(text))
    return ok(parsed.value)
  })

/** An amount in the smallest unit of its currency; one with more decimals than the currency has is refused. */
export function minorAmount(amount: number, currency: string): Result<number> {
  const minor = Number(toMinor(amount, currency).toPrecision(12))
  if (Number.isInteger(minor)) return ok(minor)
  const digits = minorUnitDigits(currency)
  return problem(
    'decimals',
    digits === 0 ? texts.hasNoDecimalsWriteAWhole(currency) : texts.hasDecimalsAtMost(currency, digits),
  )
}

/** A whole number that may be left open. */
export const optionalWhole = (name: string, low: number, high: number) =>
  optional(name, (text) => {
    const parsed = parseNumber(text)
    if (!parsed.ok) return parsed
    return Number.isInteger(parsed.value) && parsed.value >= low && parsed.value <= high
      ? parsed
      : problem('not-whole', texts.isAWholeNumberFromTo(name, low, high))
  })

/** An interval that may be left open, as it is said: 15000 km or 12 months. */
export const optionalInterval = (name: string) => optional<Interval>(name, parseInterval)

const isoDay = (name: string) =>
  z.iso
    .date({ error: texts.isADaySuchAs2026(name), abort: true })
    .refine((date) => date >= '1990-01-01', texts.liesTooFarBack(name))

/** Days that plans reach ahead at most. */
const farthest = 3660

const has = {
  come: (name: string) =>
    isoDay(name).refine((date) => Date.parse(date) <= Date.now() + millisecondsPerDay, texts.liesAhead(name)),
  ahead: (name: string) =>
    isoDay(name).refine(
      (date) => Date.parse(date) <= Date.now() + farthest * millisecondsPerDay,
      texts.liesMoreThanTenYearsAhead(name),
    ),
}

const dayText = (name: string) =>
  z
    .string({ error: texts.isMissing(name) })
    .overwrite(plainText)
    .trim()

/** A day that has come. */
export const day = (name: string) => dayText(name).pipe(has.come(name))

/** A day that may lie ahead. */
export const anyDay = (name: string) => dayText(name).pipe(has.ahead(name))

/** A day that may be left open: null then. One that has come, unless it may lie ahead. */
export const optionalDay = (name: string, when: 'come' | 'ahead' = 'come') =>
  dayText(name)
    .default('')
    .transform((text, context): string | null => {
      if (text === '') return null
      const parsed = has[when](name).safeParse(text)
      for (const { message } of parsed.error?.issues ?? []) context.addIssue(message)
      return parsed.data ?? z.NEVER
    })

export const optionalCurrency = z.preprocess(
  (value) => (value === '' ? undefined : value),
  oneOf(currencies, texts.chooseACurrency).optional(),
)

/** Adds what is wrong with one field of a form. */
export const fieldIssue = (context: z.RefinementCtx, path: string, message: string): void =>
  context.addIssue({ code: 'custom', path: [path], message })

/** What a page sends as JSON in a field. */
export const jsonText = (most: number) =>
  z
    .string({ error: texts.somethingOfThisFormDidNot })
    .max(most, texts.thatIsTooMuchAtOnce)
    .transform((text, context): unknown => {
      try {
        return JSON.parse(text)
      } catch {
        context.addIssue(texts.whatWasSentCouldNotBe)
        return z.NEVER
      }
    })
