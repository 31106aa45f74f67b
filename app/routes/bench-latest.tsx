import { redirect } from 'react-router'
import { latestSpecimen } from '#app/data/specimens.server.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'

export async function loader() {
  const id = await latestSpecimen()
  if (id) throw redirect(`/bench/${id}`)
  return null
}

export default function EmptyBench() {
  return (
    <Page>
      <h1>The bench is empty</h1>
      <p>Name an application, add a product that is sold for it, and put a specimen on the bench.</p>
      <div>
        <ButtonLink to="/" $kind="primary">
          To the line-ups
        </ButtonLink>
      </div>
    </Page>
  )
}
