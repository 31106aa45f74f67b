import { Outlet } from 'react-router'
import { loadProduct } from '#app/data/product-data.server.ts'
import * as texts from '#app/texts/products.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/product-layout'
import { found } from './http.server.ts'
import { whenParametersChange } from './revalidation.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: texts.title(loaderData ? `${loaderData.product.brand} ${loaderData.product.partNumber}` : texts.product) },
]

/** A product with its application, found once for all its pages. */
export const loader = async ({ params }: Route.LoaderArgs) =>
  found(await loadProduct(params.product), texts.thisProduct)

export const shouldRevalidate = whenParametersChange

export default function ProductLayout() {
  return <Outlet />
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => <RouteError error={error} />
