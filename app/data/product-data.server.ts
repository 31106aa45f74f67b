import { findApplication } from './applications.server.ts'
import { findProduct } from './products.server.ts'

/** What all pages of a product share; undefined when there is no such product. */
export async function loadProduct(id: string) {
  const product = await findProduct(id)
  const application = product && (await findApplication(product.applicationId))
  return product && application && { product, application: { id: application.id, name: application.name } }
}

export type ProductData = NonNullable<Awaited<ReturnType<typeof loadProduct>>>
