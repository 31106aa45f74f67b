import { z } from 'zod'
import { sheetLayouts, sheetLimits, type SheetLayout } from '#core/exchange/sheet-layout.ts'
import * as texts from '#app/texts/said-table.ts'
import { day, jsonText } from './zod-fields.ts'

const layouts = Object.keys(sheetLayouts) as [SheetLayout, ...SheetLayout[]]
const cell = z.string().max(sheetLimits.letters)

/** A table with the way it is read, as it is sent. */
const tableSchema = z.object({
  rows: z.array(z.array(cell).max(sheetLimits.columns)).min(2, texts.thereIsNoTableYet).max(sheetLimits.rows),
  mapping: z.object({
    layout: z.enum(layouts),
    headings: z.record(z.string().max(200), z.object({ characteristic: z.string().max(80), unit: z.string().max(12) })),
    products: z.record(
      cell,
      z.object({
        id: z.string().max(40),
        brand: z.string().trim().min(1, texts.aNewProductNeedsABrand).max(80, texts.theBrandIsTooLong),
        partNumber: z.string().trim().min(1, texts.aNewProductNeedsAPart).max(60, texts.thePartNumberIsTooLong),
        specimen: z.string().trim().max(20, texts.theLabelOfTheSpecimenIs).default(''),
        isLeft: z.boolean(),
      }),
    ),
  }),
})

export const tableFormSchema = z.object({
  day: day(texts.theDay),
  table: jsonText(8_000_000).pipe(tableSchema),
})
