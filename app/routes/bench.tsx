import { useEffect, useMemo } from 'react'
import { benchData, type BenchData } from '#app/data/bench.server.ts'
import { now } from '#app/data/clock.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { BenchView } from '#app/features/bench/BenchView.tsx'
import * as texts from '#app/texts/bench.ts'
import { isConnectionError } from '#app/ui/connection.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/bench'
import { found } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => {
  const { brand, partNumber, label } = loaderData?.specimen ?? {}
  return [{ title: texts.title(brand ? `${brand} ${partNumber} ${label}` : texts.bench) }]
}

export async function loader({ params }: Route.LoaderArgs) {
  const loadedAt = now()
  const { specimen, ...rest } = await benchData(found(await findSpecimen(params.specimen), texts.thisSpecimen))
  // Hundreds of small objects: one string passes to the page several times as fast as they do.
  return { specimen, loadedAt, rest: JSON.stringify(rest) }
}

export const shouldRevalidate = whenPathChanges

/** What the bench knew last: with it the work goes on without a server, also where no service worker may run. */
let lastKnown: Awaited<ReturnType<typeof loader>> | undefined

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
  const { specimen, loadedAt, rest } = loaderData
  const data = useMemo(() => JSON.parse(rest) as Omit<BenchData, 'specimen'>, [rest])
  return <BenchView key={specimen.id} specimen={specimen} loadedAt={loadedAt} {...data} />
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => <RouteError error={error} />
