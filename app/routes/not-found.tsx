import * as texts from '#app/texts/house.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/not-found'
import { notFound } from './http.server.ts'

export const loader = () => notFound(texts.thisPage)

/** Never drawn: its loader always ends at the boundary. */
export default function NotFound() {
  return null
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => <RouteError error={error} />
