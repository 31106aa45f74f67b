import { href, redirect } from 'react-router'
import { latestSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/bench.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import type { Route } from './+types/bench-latest'

export const meta: Route.MetaFunction = () => [{ title: texts.benchTitle }]

/** The bench of the specimen last worked on. */
export async function loader() {
  const specimen = await latestSpecimen()
  if (specimen) throw redirect(href('/bench/:specimen', { specimen }))
  return null
}

export default function EmptyBench() {
  return (
    <Page>
      <h1>{texts.theBenchIsEmpty}</h1>
      <p>{texts.aSpecimenWillLieHereDrawn}</p>
      <div>
        <ButtonLink to={href('/')} $kind="primary">
          {texts.toTheEngines}
        </ButtonLink>
      </div>
    </Page>
  )
}
