import { changeProduct, findProduct, type Product } from '#app/data/products.server.ts'
import { productSchema, productValues } from '#app/features/forms/product-fields.ts'
import * as texts from '#app/texts/products.ts'
import { found, parseFields } from './http.server.ts'
import { changeRefusal, seenVersion } from './saving.server.ts'

/** Saves what was changed of a product; why it was not, undefined when it was. */
export async function saveProduct({ id, applicationId }: Product, typed: Record<string, unknown>) {
  const parsed = parseFields(productSchema, { ...typed, id })
  if (!parsed.ok) return parsed.refusal
  const changed = await changeProduct({ ...parsed.value, applicationId }, seenVersion(typed))
  const current = found(await findProduct(id), texts.thisProduct)
  const taken = {
    field: 'partNumber',
    message: texts.thisBrandHasThatPartNumber,
  }
  return changeRefusal(changed, taken, { version: current.version, values: productValues(current) })
}
