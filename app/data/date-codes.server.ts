import type { TaughtCode } from '#core/kin/date-code.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'

/** How date codes of a brand read. */
export interface DateCodeTemplate {
  template: string
  taught: TaughtCode[]
}

const toTemplate = ({ template, taught }: { template: string; taught: string }): DateCodeTemplate => ({
  template,
  taught: JSON.parse(taught) as TaughtCode[],
})

export async function listDateCodeTemplates(brandId: string): Promise<DateCodeTemplate[]> {
  const db = await database()
  const rows: { template: string; taught: string }[] = await db('dateCodeTemplate')
    .where({ brandId })
    .orderBy('createdAt')
    .select('template', 'taught')
  return rows.map(toTemplate)
}

/** The templates of the brand of a product. */
export async function dateCodeTemplatesOf(productId: string): Promise<string[]> {
  const db = await database()
  return db('dateCodeTemplate')
    .join('product', 'product.brandId', 'dateCodeTemplate.brandId')
    .where({ 'product.id': productId })
    .orderBy('dateCodeTemplate.createdAt')
    .pluck('template')
}

/** Keeps a template of a brand; taught again it stays once. */
export async function keepDateCodeTemplate(brandId: string, { template, taught }: DateCodeTemplate): Promise<void> {
  const db = await writableDatabase()
  await db('dateCodeTemplate')
    .insert({ brandId, template, taught: JSON.stringify(taught), createdAt: now() })
    .onConflict(['brandId', 'template'])
    .merge(['taught'])
}

export async function removeDateCodeTemplate(brandId: string, template: string): Promise<void> {
  const db = await writableDatabase()
  await db('dateCodeTemplate').where({ brandId, template }).delete()
}
