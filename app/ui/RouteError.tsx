import { href, isRouteErrorResponse } from 'react-router'
import { ButtonLink } from './Button.tsx'
import { isConnectionError } from './connection.ts'
import { Page } from './layout.tsx'
import { StorageProblemPage, storageProblemIn } from './StorageProblemPage.tsx'

/** What is said when a page cannot be shown. */
export function RouteError({ error }: { error: unknown }) {
  const problem = isRouteErrorResponse(error) ? storageProblemIn(error.data) : undefined
  if (problem) return <StorageProblemPage problem={problem} />
  const { title, text } = describe(error)
  return (
    <Page>
      <h1>{title}</h1>
      <p>{text}</p>
      <div>
        <ButtonLink to={href('/')}>To the line-ups</ButtonLink>
      </div>
    </Page>
  )
}

function describe(error: unknown): { title: string; text: string } {
  if (isConnectionError(error))
    return {
      title: 'No connection',
      text: 'Plicator cannot be reached. Start it again, or come back to its network, and reload this page.',
    }
  const status = isRouteErrorResponse(error) ? error.status : 500
  const said = isRouteErrorResponse(error) && typeof error.data === 'string' ? error.data : ''
  if (status === 404)
    return {
      title: 'Not here',
      text: said || 'Nothing is kept under this address. It may have been removed.',
    }
  if (status === 400) return { title: 'That cannot be done', text: said || 'What was sent could not be read.' }
  return { title: 'Something broke', text: said || 'The fault is ours. Try again; the log of the server says more.' }
}
