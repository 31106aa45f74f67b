import { z } from 'zod'
import { parseQuantity } from '#core/quantity/parse.ts'
import { instrumentKinds, type InstrumentKind } from '#core/teardown/instrument.ts'
import type { InstrumentFields, StoredCheck } from '#app/data/instruments.server.ts'
import * as texts from '#app/texts/instruments.ts'
import { quantityText, rawInputOf, type FieldValues } from './field-values.ts'
import { fieldIssue, id, keyOf, line, optionalLine, optionalWhole } from './zod-fields.ts'

const kinds = (Object.keys(instrumentKinds) as InstrumentKind[]).map((key) => ({ key }))

/** A quantity as its kind of instrument shows it; SI, or what is wrong with it beside its field. */
function quantityShown(
  kind: InstrumentKind,
  typed: string,
  name: string,
  field: string,
  context: z.RefinementCtx,
): number {
  const { dimension, units } = instrumentKinds[kind]
  const parsed = parseQuantity(typed, { dimension, unit: units[0], units, name })
  if (parsed.ok && parsed.value.si > 0) return parsed.value.si
  fieldIssue(context, field, parsed.ok ? texts.mustBeMoreThanZero(name) : parsed.problem.message)
  return z.NEVER
}

/** An instrument of the user's. */
export const instrumentSchema = z
  .object({
    id,
    name: line(texts.theName, 60),
    kind: keyOf(kinds, texts.chooseWhatItIs),
    resolution: line(texts.theResolution, 40),
    accuracy: line(texts.theAccuracy, 40),
    checkIntervalDays: optionalWhole(texts.theDaysBetweenChecks, 1, 3650),
    isDefault: z.string().optional(),
  })
  .transform(({ resolution, accuracy, isDefault, ...rest }, context) => ({
    ...rest,
    resolution: quantityShown(rest.kind, resolution, texts.theResolution, 'resolution', context),
    accuracy: quantityShown(rest.kind, accuracy, texts.theAccuracy, 'accuracy', context),
    isDefault: isDefault === 'yes',
  }))

/** An instrument as it is kept, with what was typed. */
export const instrumentFields = (
  fields: z.output<typeof instrumentSchema>,
  typed: Readonly<Record<string, unknown>>,
): InstrumentFields => ({ ...fields, rawInput: rawInputOf(typed, ['resolution', 'accuracy']) })

/** What the form of a new instrument starts with. */
export const newInstrumentValues: FieldValues = { checkIntervalDays: '180', isDefault: 'no' }

/** What the form of an instrument starts with: what was typed, else what reads back as the same. */
export const instrumentValues = (instrument: InstrumentFields): FieldValues => ({
  name: instrument.name,
  kind: instrument.kind,
  resolution: quantityText(instrument.resolution, instrumentKinds[instrument.kind]),
  accuracy: quantityText(instrument.accuracy, instrumentKinds[instrument.kind]),
  checkIntervalDays: instrument.checkIntervalDays === null ? '' : String(instrument.checkIntervalDays),
  isDefault: instrument.isDefault ? 'yes' : 'no',
  ...instrument.rawInput,
})

/** A check against a known piece. */
export const checkSchema = z
  .object({
    id,
    instrumentId: id,
    kind: keyOf(kinds, texts.chooseWhatItIs),
    referenceValue: line(texts.theKnownPiece, 40),
    indication: line(texts.whatItShowed, 40),
    reference: optionalLine(texts.theNameOfThePiece, 60),
  })
  .transform(({ referenceValue, indication, kind, ...rest }, context) => ({
    ...rest,
    referenceValue: quantityShown(kind, referenceValue, texts.theKnownPiece, 'referenceValue', context),
    indication: quantityShown(kind, indication, texts.whatItShowed, 'indication', context),
  }))

/** A check as it is kept, with what was typed. */
export const checkFields = (
  { instrumentId: _, ...fields }: z.output<typeof checkSchema>,
  checkedAt: string,
  typed: Readonly<Record<string, unknown>>,
): StoredCheck => ({ ...fields, checkedAt, rawInput: rawInputOf(typed, ['referenceValue', 'indication']) })

export const removeSchema = z.object({ id })
