import { useEffect } from 'react'
import { benchData, type BenchData } from '#app/data/bench.server.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import { benchRequestSchema } from '#app/features/bench/bench-request.ts'
import { BenchView } from '#app/features/bench/BenchView.tsx'
import { sendOrKeep } from '#app/features/bench/outbox.ts'
import { isConnectionError } from '#app/ui/connection.ts'
import { RouteError } from '#app/ui/RouteError.tsx'
import type { Route } from './+types/bench'
import { actAtBench } from './bench-actions.server.ts'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'
import { whenPathChanges } from './revalidation.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => {
  const { brand, partNumber, label } = loaderData?.specimen ?? {}
  return [{ title: `${brand ? `${brand} ${partNumber} ${label}` : 'Bench'} · Plicator` }]
}

export const loader = async ({ params }: Route.LoaderArgs) =>
  benchData(found(await findSpecimen(params.specimen), 'This specimen'))

export const shouldRevalidate = whenPathChanges

export async function action({ request, params }: Route.ActionArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const parsed = parseFields(benchRequestSchema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  const problem = await actAtBench(specimen, parsed.value)
  return problem ? refused(problem.message, {}, problem) : accepted()
}

export const clientAction = async ({ request, params, serverAction }: Route.ClientActionArgs) => {
  const fields = Object.fromEntries(await request.clone().formData()) as Record<string, string>
  return sendOrKeep({ specimen: params.specimen, fields }, serverAction)
}

/** What the bench knew last: with it the work goes on while the connection is down. */
let lastKnown: BenchData | undefined

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
