import { z } from 'zod'
import { readInterval, type Interval } from '#core/money/interval.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { readNumber } from '#core/quantity/number.ts'
import { parseQuantity } from '#core/quantity/parse.ts'
import type { Dimension } from '#core/quantity/units.ts'
import { currencies } from './labels.ts'

/** Pieces that the schemas of the forms are made of; each says what is wrong in the user's words. */

export const id = z.string().regex(/^[0-9a-z]{6,24}$/, 'This form is broken. Load the page again.')

export const line = (name: string, most: number) =>
  z
    .string({ error: `${name} is missing.` })
    .trim()
    .min(1, `${name} is missing.`)
    .max(most, `${name} is too long: at most ${most} characters.`)

export const optionalLine = (name: string, most: number) =>
  z.string().trim().max(most, `${name} is too long: at most ${most} characters.`).default('')

export const oneOf = <const T extends readonly [string, ...string[]]>(values: T, message: string) =>
  z.enum(values, { error: message })

/** A key out of a list of things that have one. */
export const keyOf = <K extends string>(list: readonly { key: K }[], message: string) =>
  z.enum(list.map(({ key }) => key) as [K, ...K[]], { error: message })

/** Text that may be left empty, read by a function of core: null when empty, its message when it cannot be read. */
const open = <T>(
  name: string,
  read: (text: string) => { ok: true; value: T } | { ok: false; message: string },
  most = 40,
) =>
  z
    .string()
    .trim()
    .max(most, `${name} is too long.`)
    .default('')
    .transform((text, context): T | null => {
      if (text === '') return null
      const found = read(text)
      if (found.ok) return found.value
      context.addIssue(found.message)
      return z.NEVER
    })

/** A field that must be filled. */
export const filled = <T>(schema: z.ZodType<T | null, string | undefined>, message: string) =>
  schema.transform((value, context): T => {
    if (value !== null) return value
    context.addIssue(message)
    return z.NEVER
  })

/** A quantity that may be left open: typed in shop notation, kept in SI. */
export const openQuantity = (
  name: string,
  dimension: Dimension,
  unit: string,
  units: string[],
  low: number,
  high: number,
) =>
  open(name, (text) => {
    const read = parseQuantity(text, { dimension, unit, name, units })
    if (!read.ok) return { ok: false, message: read.problem.message }
    const { si } = read.value
    return si < low || si > high
      ? {
          ok: false,
          message: `${text} cannot be the ${name.toLowerCase()}: it lies between ${formatQuantity(low, unit)} and ${formatQuantity(high, unit)}.`,
        }
      : { ok: true, value: si }
  })

/** An amount of money that may be left open, kept in hundredths. */
export const openMoney = (name: string) =>
  open(name, (text) => {
    const read = readNumber(text)
    if (!read.ok)
      return {
        ok: false,
        message:
          read.problem.code === 'ambiguous-comma'
            ? read.problem.message
            : `"${text}" is no amount of money. Write 12.50.`,
      }
    if (read.value < 0) return { ok: false, message: `${name} cannot be below zero.` }
    return read.value > 100_000
      ? { ok: false, message: `${text} is more than any filter costs.` }
      : { ok: true, value: Math.round(read.value * 100) }
  })

/** A whole number that may be left open. */
export const openWhole = (name: string, low: number, high: number) =>
  open(name, (text) => {
    const read = readNumber(text)
    if (!read.ok) return { ok: false, message: read.problem.message }
    return Number.isInteger(read.value) && read.value >= low && read.value <= high
      ? { ok: true, value: read.value }
      : { ok: false, message: `${name} is a whole number from ${low} to ${high}.` }
  })

/** An interval that may be left open, as it is said: 15000 km or 12 months. */
export const openInterval = (name: string) =>
  open<Interval>(name, (text) => {
    const read = readInterval(text)
    return read.ok ? read : { ok: false, message: read.problem.message }
  })

/** A day that has come. */
export const day = (name: string) =>
  z
    .string({ error: `${name} is missing.` })
    .trim()
    .pipe(z.iso.date(`${name} is a day, such as 2026-05-31.`))
    .refine((date) => Date.parse(date) <= Date.now() + 86_400_000, `${name} lies ahead.`)
    .refine((date) => date >= '1990-01-01', `${name} lies too far back.`)

export const currency = z.preprocess(
  (value) => (value === '' ? undefined : value),
  oneOf(currencies, 'Choose a currency.').optional(),
)

/** A box that is ticked or not. */
export const ticked = z
  .string()
  .optional()
  .transform((value) => value === 'on' || value === 'yes')
