import { z } from 'zod'
import { licences } from '#core/datapackage/descriptor.ts'
import { keyOf } from './zod-fields.ts'

/** Under what a data package may be used by others. */
export const licenceSchema = z.object({
  licence: keyOf(licences, 'Choose under what others may use it.').default(''),
})
