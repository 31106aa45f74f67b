import { z } from 'zod'
import * as texts from '#app/texts/products.ts'

const code = z.string().trim().min(1, texts.copyTheCodeAsItStands).max(16, texts.aCodeHasAtMost16)
const means = z
  .string()
  .trim()
  .regex(/^\d{4}(-\d\d(-\d\d)?)?$/, texts.writeADayAMonthOr)

/** Two codes with what they mean, and one of the templates that they teach, to be kept. */
export const dateCodeTemplateSchema = z.object({
  code,
  means,
  otherCode: code,
  otherMeans: means,
  template: z.string().max(80),
})

export const removedTemplateSchema = z.object({ template: z.string().max(80) })
