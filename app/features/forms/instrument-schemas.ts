import { z } from 'zod'
import { readNumber } from '#core/quantity/number.ts'
import { parseQuantity } from '#core/quantity/parse.ts'
import { instrumentKinds, type InstrumentKind } from '#core/teardown/instrument.ts'

const kinds = Object.keys(instrumentKinds) as [InstrumentKind, ...InstrumentKind[]]
const id = z.string().regex(/^[0-9a-z]{6,24}$/, 'This form is broken. Load the page again.')

const text = (name: string, most = 40) =>
  z
    .string({ error: `${name} is missing.` })
    .trim()
    .min(1, `${name} is missing.`)
    .max(most, `${name} is too long: at most ${most} characters.`)

/** A quantity as its kind of instrument shows it; SI, or what is wrong with it. */
function readAs(kind: InstrumentKind, typed: string, name: string, path: string, context: z.RefinementCtx): number {
  const { dimension, unit, units } = instrumentKinds[kind]
  const read = parseQuantity(typed, { dimension, unit, units, name })
  if (read.ok && read.value.si > 0) return read.value.si
  context.addIssue({
    code: 'custom',
    path: [path],
    message: read.ok ? `${name} must be more than zero.` : read.problem.message,
  })
  return 0
}

/** An instrument of the user's. */
export const instrumentSchema = z
  .object({
    intent: z.literal('save'),
    id,
    name: text('The name', 60),
    kind: z.enum(kinds, { error: 'Choose what it is.' }),
    resolution: text('The resolution'),
    accuracy: text('The accuracy'),
    checkDays: z.string().trim().max(10, 'That is too long.').default(''),
    usual: z.string().optional(),
  })
  .transform(({ resolution, accuracy, checkDays, usual, ...rest }, context) => {
    const days = checkDays === '' ? null : readNumber(checkDays)
    if (days && (!days.ok || !Number.isInteger(days.value) || days.value < 1 || days.value > 3650)) {
      context.addIssue({
        code: 'custom',
        path: ['checkDays'],
        message: 'Say a whole number of days, from 1 to 3650, or leave it empty.',
      })
      return z.NEVER
    }
    const fine = readAs(rest.kind, resolution, 'The resolution', 'resolution', context)
    const right = readAs(rest.kind, accuracy, 'The accuracy', 'accuracy', context)
    return {
      ...rest,
      resolution: fine,
      accuracy: right,
      checkDays: days?.ok ? days.value : null,
      usual: usual === 'yes',
    }
  })

/** A check against a known piece. */
export const checkSchema = z
  .object({
    intent: z.literal('check'),
    id,
    instrument: id,
    kind: z.enum(kinds),
    reference: text('The known piece'),
    reading: text('What it showed'),
    piece: z.string().trim().max(60, 'At most 60 characters.').default(''),
  })
  .transform(({ reference, reading, ...rest }, context) => ({
    ...rest,
    reference: readAs(rest.kind, reference, 'The known piece', 'reference', context),
    reading: readAs(rest.kind, reading, 'What it showed', 'reading', context),
  }))

export const removeSchema = z.object({ intent: z.literal('remove'), id })
