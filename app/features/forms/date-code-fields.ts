import { z } from 'zod'

const code = z.string().trim().min(1, 'Copy the code as it stands.').max(16, 'A code has at most 16 signs.')
const means = z
  .string()
  .trim()
  .regex(/^\d{4}(-\d\d(-\d\d)?)?$/, 'Write a day, a month or a year: 2026-03-02, 2026-03 or 2026.')

/** Two codes with what they mean, and one of the templates that they teach, to be kept. */
export const dateCodeTemplateSchema = z.object({
  code,
  means,
  otherCode: code,
  otherMeans: means,
  template: z.string().max(80),
})

export const removedTemplateSchema = z.object({ template: z.string().max(80) })
