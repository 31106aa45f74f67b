import { z } from 'zod'
import { licences } from '#core/datapackage/descriptor.ts'
import * as texts from '#app/texts/reviewer.ts'
import { keyOf } from './zod-fields.ts'

/** Under what a data package may be used by others. */
export const licenceSchema = z.object({
  licence: keyOf(licences, texts.chooseUnderWhatOthersMayUse).default(''),
})
