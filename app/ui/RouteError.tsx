import { href, isRouteErrorResponse } from 'react-router'
import * as texts from '#app/texts/ui.ts'
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
        <ButtonLink to={href('/')}>{texts.toTheLineUps}</ButtonLink>
      </div>
    </Page>
  )
}

function describe(error: unknown): { title: string; text: string } {
  if (isConnectionError(error))
    return {
      title: texts.noConnection,
      text: texts.plicatorCannotBeReachedStartIt,
    }
  const status = isRouteErrorResponse(error) ? error.status : 500
  const said = isRouteErrorResponse(error) && typeof error.data === 'string' ? error.data : ''
  if (status === 404)
    return {
      title: texts.notHere,
      text: said || texts.nothingIsKeptUnderThisAddress,
    }
  if (status === 400) return { title: texts.thatCannotBeDone, text: said || texts.whatWasSentCouldNotBe }
  return { title: texts.somethingBroke, text: said || texts.theFaultIsOursTryAgain }
}
