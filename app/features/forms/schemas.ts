import { z } from 'zod'
import { readThread } from '#core/figures/thread.ts'
import { forms, tiers } from './labels.ts'
import { currency, id, line, oneOf, openInterval, openMoney, openQuantity, optionalLine } from './zod-fields.ts'

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
  maxHeight: openQuantity('Room for the can', 'length', 'mm', ['mm', 'in'], 0.03, 0.4),
  gasketLand: openQuantity('Gasket land', 'length', 'mm', ['mm', 'in'], 0.03, 0.2),
  manualEasy: openInterval('The interval'),
  manualNormal: openInterval('The interval'),
  manualSevere: openInterval('The interval'),
  note: optionalLine('The note', 2000),
})

/** An application as it is kept. */
export function applicationFields({
  manualEasy: easy,
  manualNormal: normal,
  manualSevere: severe,
  ...rest
}: z.infer<typeof applicationSchema>) {
  return { ...rest, manual: { ...(easy && { easy }), ...(normal && { normal }), ...(severe && { severe }) } }
}

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
    price: openMoney('A price'),
    currency,
    shop: optionalLine('The shop', 80),
  })
  .superRefine((specimen, context) => {
    if (specimen.got === 'given' && specimen.givenBy === '') {
      context.addIssue({
        code: 'custom',
        path: ['givenBy'],
        message: 'Say who gave it: a given sample must be disclosed.',
      })
    }
    if (specimen.price !== null && specimen.currency === undefined) {
      context.addIssue({ code: 'custom', path: ['currency'], message: 'A price needs its currency.' })
    }
  })
