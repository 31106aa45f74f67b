import { useEffect } from 'react'
import { benchData, type BenchData } from '#app/data/bench.server.ts'
import { now } from '#app/data/clock.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { BenchView } from '#app/features/bench/BenchView.tsx'
import { isConnectionError } from '#app/ui/connection.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/bench'
import { found } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => {
  const { brand, partNumber, label } = loaderData?.specimen ?? {}
  return [{ title: `${brand ? `${brand} ${partNumber} ${label}` : 'Bench'} · Plicator` }]
}

export async function loader({ params }: Route.LoaderArgs) {
  const loadedAt = now()
  return { ...(await benchData(found(await findSpecimen(params.specimen), 'This specimen'))), loadedAt }
}

export const shouldRevalidate = whenPathChanges

/** What the bench knew last: with it the work goes on without a server, also where no service worker may run. */
let lastKnown: (BenchData & { loadedAt: string }) | undefined

export async function clientLoader({ params, serverLoader }: Route.ClientLoaderArgs) {
  try {
    return await serverLoader()
  } catch (error) {
    if (isConnectionError(error) && lastKnown?.specimen.id === params.specimen) return lastKnown
    throw error
  }
}

export default function Bench({ loaderData }: Route.ComponentProps) {
  useEffect(() => {
    lastKnown = loaderData
  }, [loaderData])
  return <BenchView key={loaderData.specimen.id} {...loaderData} />
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => <RouteError error={error} />
