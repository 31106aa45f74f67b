import { Outlet } from 'react-router'
import { loadLineup } from '#app/data/lineup-data.server.ts'
import * as texts from '#app/texts/line-up.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/lineup-layout'
import { found, isDocument } from './http.server.ts'
import { whenParametersChange } from './revalidation.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: texts.title(loaderData?.application.name ?? texts.lineUp) },
]

/** A line-up, evaluated once for all its views. Who is in the app already judges it in the browser. */
export const loader = async ({ params, context }: Route.LoaderArgs) =>
  found(await loadLineup(params.application, isDocument(context)), texts.thisLineUp)

export const shouldRevalidate = whenParametersChange

export default function LineupLayout() {
  return <Outlet />
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => <RouteError error={error} />
