import '@fontsource/barlow-condensed/latin-500.css'
import '@fontsource/barlow-condensed/latin-600.css'
import '@fontsource/public-sans/latin-400.css'
import '@fontsource/public-sans/latin-600.css'
import type { ReactNode } from 'react'
import { RouterProvider } from 'react-aria-components'
import {
  isRouteErrorResponse,
  Links,
  Meta,
  Outlet,
  Scripts,
  ScrollRestoration,
  useNavigate,
  useRouteLoaderData,
  type ShouldRevalidateFunctionArgs,
} from 'react-router'
import { isCutOff } from '#app/features/bench/outbox.ts'
import { OutboxSender } from '#app/features/bench/OutboxSender.tsx'
import { AppShell } from '#app/ui/AppShell.tsx'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page } from '#app/ui/layout.tsx'
import { readPreferences, type Preferences } from '#app/ui/preferences.ts'
import { GlobalStyle } from '#app/ui/tokens.ts'
import type { Route } from './+types/root'

export const loader = ({ request }: Route.LoaderArgs) => ({ preferences: readPreferences(request) })

/** Preferences change by their own form alone; a dropped connection must not ask for them. */
export const shouldRevalidate = ({ formAction }: ShouldRevalidateFunctionArgs) => formAction === '/preferences'

export const meta: Route.MetaFunction = () => [{ title: 'Plicator' }]

const fallback: Preferences = { units: 'metric', theme: 'auto' }

export function Layout({ children }: { children: ReactNode }) {
  const { preferences = fallback } = useRouteLoaderData<typeof loader>('root') ?? {}
  return (
    <html lang="en" data-theme={preferences.theme}>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/favicon.svg" type="image/svg+xml" />
        <Meta />
        <Links />
      </head>
      <body>
        <GlobalStyle />
        <AppShell preferences={preferences}>{children}</AppShell>
        <ScrollRestoration />
        <Scripts />
      </body>
    </html>
  )
}

export default function App() {
  const navigate = useNavigate()
  return (
    <RouterProvider navigate={(to) => void navigate(to)}>
      <Outlet />
      <OutboxSender />
    </RouterProvider>
  )
}

export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  const missing = isRouteErrorResponse(error) && error.status === 404
  const refused = isRouteErrorResponse(error) && error.status === 400
  const said = isRouteErrorResponse(error) && typeof error.data === 'string' ? error.data : ''
  if (isCutOff(error)) {
    return (
      <Page>
        <h1>No connection</h1>
        <p>
          Plicator cannot be reached. What you took at the bench is kept in this browser and is sent when the connection
          is back. Start Plicator again, or come back to its network, and reload this page.
        </p>
      </Page>
    )
  }
  return (
    <Page>
      <h1>{missing ? 'Not here' : refused ? 'That cannot be done' : 'Something broke'}</h1>
      <p>
        {said ||
          (missing
            ? 'Nothing is kept under this address. It may have been removed.'
            : 'The fault is ours, and nothing you recorded is lost. Try again; the log of the server says more.')}
      </p>
      <div>
        <ButtonLink to="/">To the line-ups</ButtonLink>
      </div>
    </Page>
  )
}
