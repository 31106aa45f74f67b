import { href, redirect } from 'react-router'
import { latestSpecimen } from '#app/data/specimens.server.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/bench-latest'

export const meta: Route.MetaFunction = () => [{ title: 'Bench · Plicator' }]

/** The bench of the specimen last worked on. */
export async function loader() {
  const specimen = await latestSpecimen()
  if (specimen) throw redirect(href('/bench/:specimen', { specimen }))
  return null
}

export default function EmptyBench() {
  return (
    <Page>
      <h1>The bench is empty</h1>
      <p>
        A specimen will lie here, drawn as it is measured: name an engine, add a filter that is sold for it, open one.
      </p>
      <div>
        <ButtonLink to={href('/')} $kind="primary">
          To the engines
        </ButtonLink>
      </div>
    </Page>
  )
}
