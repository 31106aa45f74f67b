import { useEffect } from 'react'
import { useRevalidator } from 'react-router'
import { cancelImport, confirmImport, findImport } from '#app/data/imports.server.ts'
import { refusalText } from '#app/features/forms/action-result.ts'
import { ImportSummary } from '#app/features/imports/ImportSummary.tsx'
import { RefusedRows } from '#app/features/imports/RefusedRows.tsx'
import * as texts from '#app/texts/imports.ts'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/import'
import { accepted, fieldsOf, found, refused } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.importTitle }]

export const loader = async ({ params }: Route.LoaderArgs) => ({
  job: found(await findImport(params.import), texts.thisImport),
})

export async function action({ request, params }: Route.ActionArgs) {
  const { intent } = await fieldsOf(request)
  const refusal = intent === 'cancel' ? cancelImport(params.import) : confirmImport(params.import)
  return refusal ? refused(refusal) : accepted()
}

const headings = {
  reading: texts.dryRun,
  ready: texts.dryRun,
  writing: texts.writing,
  done: texts.imported,
  failed: texts.notImported,
} as const

const pollInterval = 400

export default function ImportPage({ loaderData: { job }, actionData }: Route.ComponentProps) {
  const { revalidate } = useRevalidator()
  const isBusy = job.state === 'reading' || job.state === 'writing'

  useEffect(() => {
    if (!isBusy) return undefined
    const timer = setInterval(() => void revalidate(), pollInterval)
    return () => clearInterval(timer)
  }, [isBusy, revalidate])

  return (
    <Page>
      <h1>
        {headings[job.state]}: {job.name}
      </h1>
      <ImportSummary job={job} refusal={refusalText(actionData)} />
      <RefusedRows problems={job.problems} count={job.counts.refused} />
    </Page>
  )
}
