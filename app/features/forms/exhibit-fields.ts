import { z } from 'zod'
import { exhibitParts } from '#core/catalogue/index.ts'
import * as texts from '#app/texts/face-off.ts'
import { id, keyOf, optionalLine } from './zod-fields.ts'

/** A part that is laid beside a face-off, as it is sent. */
export const exhibitSchema = z.object({
  id,
  specimen: id,
  part: keyOf(exhibitParts, texts.chooseAPart),
  note: optionalLine(texts.theNote, 200),
})

export const removedExhibitSchema = z.object({ id })
