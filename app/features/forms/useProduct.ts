import { useRouteLoaderData } from 'react-router'
import type { ProductData } from '#app/data/product-data.server.ts'

/** The product that the page is about, with its application. */
export function useProduct(): ProductData {
  const product = useRouteLoaderData<ProductData>('routes/product-layout')
  if (!product) throw new Error('This page does not belong to a product')
  return product
}
