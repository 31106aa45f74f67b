import { z } from 'zod'
import * as texts from '#app/texts/bench-reading.ts'
import { id, jsonText } from './zod-fields.ts'

/** Readings of a line that were clear, as they are sent; an empty specimen is a new one. */
export const quickLineSchema = z.object({
  id,
  specimen: z.union([id, z.literal('')]).default(''),
  readings: jsonText(20_000).pipe(
    z
      .array(
        z.object({ characteristic: z.string().min(1).max(80), typed: z.string().trim().min(1).max(400) }),
        texts.theReadingsCouldNotBeRead,
      )
      .min(1, texts.thereIsNoReadingInThis)
      .max(100, texts.atMostAHundredReadingsAt),
  ),
})
