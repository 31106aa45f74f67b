import { Outlet } from 'react-router'
import { findSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/specimen.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/specimen-layout'
import { found } from './http.server.ts'
import { whenParametersChange } from './revalidation.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  {
    title: texts.title(loaderData ? `${loaderData.specimen.brand} ${loaderData.specimen.partNumber}` : texts.specimen),
  },
]

/** A specimen, found once for all its pages. */
export const loader = async ({ params }: Route.LoaderArgs) => ({
  specimen: found(await findSpecimen(params.specimen), texts.thisSpecimen),
})

export const shouldRevalidate = whenParametersChange

export default function SpecimenLayout() {
  return <Outlet />
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => <RouteError error={error} />
