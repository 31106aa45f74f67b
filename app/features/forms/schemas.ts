import { z } from 'zod'
import { readThread } from '#core/figures/thread.ts'
import { formatQuantity } from '#core/quantity/format.ts'
import { readNumber } from '#core/quantity/number.ts'
import { parseQuantity } from '#core/quantity/parse.ts'
import type { Dimension } from '#core/quantity/units.ts'
import { currencies, forms, tiers } from './labels.ts'

const id = z.string().regex(/^[0-9a-z]{6,24}$/, 'This form is broken. Load the page again.')

const line = (name: string, most: number) =>
  z
    .string({ error: `${name} is missing.` })
    .trim()
    .min(1, `${name} is missing.`)
    .max(most, `${name} is too long: at most ${most} characters.`)

const optionalLine = (name: string, most: number) => z.string().trim().max(most, `${name} is too long: at most ${most} characters.`).default('')

const oneOf = <const T extends readonly [string, ...string[]]>(values: T, message: string) => z.enum(values, { error: message })

/** A quantity that may be left open: typed in shop notation, kept in SI. */
const openQuantity = (name: string, dimension: Dimension, unit: string, units: string[], low: number, high: number) =>
  z
    .string()
    .trim()
    .max(40, `${name} is too long.`)
    .default('')
    .transform((text, context) => {
      if (text === '') return null
      const read = parseQuantity(text, { dimension, unit, name, units })
      if (!read.ok) context.addIssue(read.problem.message)
      else if (read.value.si < low || read.value.si > high) context.addIssue(`${text} cannot be the ${name.toLowerCase()}: it lies between ${formatQuantity(low, unit)} and ${formatQuantity(high, unit)}.`)
      else return read.value.si
      return z.NEVER
    })

/** An application: the engine that the filters must fit. */
export const applicationSchema = z.object({
  id,
  name: line('The name', 80),
  machine: optionalLine('The description', 160),
  form: oneOf(forms, 'Choose spin-on or cartridge.'),
  thread: z
    .string()
    .trim()
    .max(40, 'That is too long for a thread.')
    .default('')
    .transform((text, context) => {
      if (text === '') return null
      const thread = readThread(text)
      if (thread.ok) return thread.value.designation
      context.addIssue(thread.problem.message)
      return z.NEVER
    }),
  bypass: oneOf(['filter', 'engine', 'unknown'], 'Say where the bypass is, or that you do not know.'),
  bypassOpening: openQuantity('Bypass opening', 'pressure', 'bar', ['bar', 'psi', 'kPa'], 0.2e5, 6e5),
  oilCold: openQuantity('Coldest oil', 'temperature', '°C', ['°C', '°F'], 203.15, 323.15),
  oilHot: openQuantity('Hottest oil', 'temperature', '°C', ['°C', '°F'], 323.15, 473.15),
  note: optionalLine('The note', 2000),
})

/** A product: brand and part number, for one application. */
export const productSchema = z.object({
  id,
  brand: line('The brand', 80),
  partNumber: line('The part number', 60),
  form: oneOf(forms, 'Choose spin-on or cartridge.'),
  tier: oneOf(tiers, 'Choose a tier.'),
  revision: optionalLine('The revision', 60),
})

export const revisionSchema = z.object({ id, label: line('The revision', 60) })

export const brandSchema = z.object({ id, name: line('The brand', 80) })

/** A specimen: the one unit on the bench, and how it was got. */
export const specimenSchema = z
  .object({
    id,
    revision: id,
    label: line('The label', 20),
    got: oneOf(['bought', 'given'], 'Say how it was got: viewers are told.'),
    givenBy: optionalLine('The giver', 80),
    price: z
      .string()
      .trim()
      .max(20, 'That is too long for a price.')
      .default('')
      .transform((text, context) => {
        if (text === '') return null
        const price = readNumber(text)
        if (!price.ok) context.addIssue(price.problem.code === 'ambiguous-comma' ? price.problem.message : `"${text}" is no price. Write 12.50.`)
        else if (price.value < 0) context.addIssue('A price cannot be below zero.')
        else if (price.value > 100_000) context.addIssue('That is more than any filter costs.')
        else return Math.round(price.value * 100)
        return z.NEVER
      }),
    currency: z.preprocess((value) => (value === '' ? undefined : value), oneOf(currencies, 'Choose a currency.').optional()),
    shop: optionalLine('The shop', 80),
  })
  .superRefine((specimen, context) => {
    if (specimen.got === 'given' && specimen.givenBy === '') {
      context.addIssue({ code: 'custom', path: ['givenBy'], message: 'Say who gave it: a given sample must be disclosed.' })
    }
    if (specimen.price !== null && specimen.currency === undefined) {
      context.addIssue({ code: 'custom', path: ['currency'], message: 'A price needs its currency.' })
    }
  })
