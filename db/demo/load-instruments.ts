import { z } from 'zod'
import type { InstrumentKind } from '#core/teardown/instrument.ts'
import { markAsDemo } from '#app/data/demo.server.ts'
import { newId } from '#app/data/id.ts'
import { addCheck, addInstrument } from '#app/data/instruments.server.ts'
import { checkFields, checkSchema, instrumentFields, instrumentSchema } from '#app/features/forms/instrument-fields.ts'

const fileSchema = z.array(z.looseObject({ checks: z.array(z.looseObject({ checkedAt: z.iso.datetime() })) }))

/** The instruments of the demo: their ids by kind. */
export type DemoInstruments = ReadonlyMap<InstrumentKind, string>

/** Loads the instruments and their checks. */
export async function loadInstruments(file: unknown): Promise<DemoInstruments> {
  const idsByKind = new Map<InstrumentKind, string>()
  for (const { checks, ...typed } of fileSchema.parse(file)) {
    const instrument = instrumentFields(instrumentSchema.parse({ ...typed, id: newId() }), typed)
    await addInstrument(instrument)
    await markAsDemo('instrument', instrument.id)
    idsByKind.set(instrument.kind, instrument.id)
    for (const { checkedAt, ...check } of checks) {
      const fields = checkSchema.parse({
        ...check,
        id: newId(),
        instrumentId: instrument.id,
        kind: instrument.kind,
      })
      await addCheck(instrument.id, checkFields(fields, checkedAt, check))
    }
  }
  return idsByKind
}
