import { z } from 'zod'
import { parseJson } from '#core/parse-json.ts'
import { plainText } from '#core/plain-text.ts'
import { unescapeFormula } from '#core/exchange/csv.ts'

/** What a column of a packaged table is, in the terms of Table Schema. */
export interface Column<T> {
  type: 'string' | 'number' | 'integer' | 'boolean' | 'date' | 'datetime' | 'object'
  description: string
  /** SI unit of its numbers. */
  unit?: string
  constraints?: { required?: true; enum?: readonly string[]; minimum?: number; maximum?: number }
  write: (value: T) => string
  /** Reads a cell; says what is wrong in words. */
  read: z.ZodType<T, string>
}

/** Reads a cell that may be empty. */
const orNull = <T>(read: z.ZodType<T, string>): z.ZodType<T | null, string> =>
  z.string().transform((text, context): T | null => {
    if (text === '') return null
    const parsed = read.safeParse(text)
    if (parsed.success) return parsed.data
    context.addIssue(parsed.error.issues[0]?.message ?? 'cannot be read')
    return z.NEVER
  })

/**
 * A column of text; empty where nothing is known.
 *
 * @param most letters
 * @example textColumn('The brand.', 80).read.parse("'=brand") // => '=brand'
 */
export const textColumn = (description: string, most: number): Column<string> => ({
  ...{ type: 'string', description, write: (text) => text },
  read: z
    .string()
    .transform(unescapeFormula)
    .pipe(z.string().overwrite(plainText).trim().max(most, `is longer than ${most} characters`)),
})

/**
 * A column of text that is never empty.
 *
 * @example nameColumn('The brand.', 80).read.safeParse('').success // => false
 */
export const nameColumn = (description: string, most: number): Column<string> => {
  const { read, ...rest } = textColumn(description, most)
  return { ...rest, constraints: { required: true }, read: read.refine((text) => text !== '', 'is empty') }
}

/**
 * A column of one of some answers.
 *
 * @example keyColumn('The form.', ['spin-on', 'cartridge']).read.parse('cartridge') // => 'cartridge'
 */
export function keyColumn<const K extends string>(description: string, keys: readonly K[]): Column<K> {
  const isOptional = keys.includes('' as K)
  const known = keys.filter((key) => key !== '')
  return {
    ...{ type: 'string', description, write: (key) => key },
    constraints: { ...(!isOptional && { required: true }), enum: known },
    read: z.enum(keys as readonly [K, ...K[]], { error: `is none of ${known.join(', ')}` }),
  }
}

const finite = z
  .string()
  .refine((text) => text.trim() !== '' && Number.isFinite(Number(text)), 'is no number')
  .transform(Number)

/**
 * A column of numbers in SI; null where nothing is known.
 *
 * @example numberColumn('Room for a can.', 'm').read.parse('0.12') // => 0.12
 */
export const numberColumn = (description: string, unit = ''): Column<number | null> => ({
  ...{ type: 'number', description, ...(unit !== '' && { unit }) },
  write: (value) => value?.toString() ?? '',
  read: orNull(finite),
})

/**
 * A column of whole numbers; null where nothing is known.
 *
 * @example wholeColumn('Filters in a pack.', 1, 1000).read.parse('6') // => 6
 */
export const wholeColumn = (description: string, minimum: number, maximum: number): Column<number | null> => ({
  ...{ type: 'integer', description, constraints: { minimum, maximum }, write: (value) => value?.toString() ?? '' },
  read: orNull(
    finite.refine(
      (value) => Number.isInteger(value) && value >= minimum && value <= maximum,
      `is no whole number from ${minimum} to ${maximum}`,
    ),
  ),
})

/**
 * A column of yes or no.
 *
 * @example flagColumn('Goes back.').write(true) // => 'true'
 */
export const flagColumn = (description: string): Column<boolean> => ({
  ...{ type: 'boolean', description, write: String },
  read: z.enum(['true', 'false'], { error: 'is neither true nor false' }).transform((text) => text === 'true'),
})

/**
 * A column of days.
 *
 * @example dayColumn('When it was read.').read.safeParse('2026-13-01').success // => false
 */
export const dayColumn = (description: string): Column<string> => ({
  ...{ type: 'date', description, constraints: { required: true }, write: (day) => day },
  read: z.iso.date('is no day, such as 2026-10-02'),
})

/**
 * A column of objects as JSON; an empty cell is null.
 *
 * @param schema of the object
 * @example objectColumn('As typed.', licenceNames).read.parse('"CC0-1.0"') // => 'CC0-1.0'
 */
export const objectColumn = <T>(description: string, schema: z.ZodType<T>): Column<T> => ({
  ...{ type: 'object', description, write: (value) => (value === null ? '' : JSON.stringify(value)) },
  read: z.string().transform((text, context): T => {
    const parsed = schema.safeParse(text === '' ? null : parseJson(unescapeFormula(text)))
    if (parsed.success) return parsed.data
    context.addIssue('is not what it should be')
    return z.NEVER
  }),
})
