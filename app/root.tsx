import * as texts from '#app/texts/shell.ts'
import '#app/ui/without-eval.ts'
import { Suspense, useContext, type ReactNode } from 'react'
import { href, Links, Meta, Outlet, Scripts, ScrollRestoration, useMatches, useRouteLoaderData } from 'react-router'
import { readPreferences } from './routes/preferences.server.ts'
import { untilItHasCome, useArrivals } from './routes/revalidation.ts'
import { OutboxPanel } from '#app/features/outbox/OutboxPanel.tsx'
import { NonceContext } from '#app/ui/nonce.ts'
import { AppShell } from '#app/features/shell/AppShell.tsx'
import { fontPreloads, fontScript, fontStyles } from '#app/ui/fonts.ts'
import { defaultPreferences } from '#app/ui/preferences.ts'
import { PageAlive } from '#app/ui/PageAlive.tsx'
import { RouteError } from '#app/ui/RouteError.tsx'
import { GlobalStyle } from '#app/ui/tokens.ts'
import type { Route } from './+types/root'

export const loader = async ({ request }: Route.LoaderArgs) => ({ preferences: await readPreferences(request) })

/** Preferences change by their own form alone; a dropped connection must not ask for them. */
export const shouldRevalidate = untilItHasCome(({ formAction }) => formAction === href('/preferences'))

export const links: Route.LinksFunction = () => fontPreloads

export const meta: Route.MetaFunction = () => [{ title: texts.plicator }]

export function Layout({ children }: { children: ReactNode }) {
  const nonce = useContext(NonceContext) ?? nonceOfPage()
  const { preferences = defaultPreferences } = useRouteLoaderData<typeof loader>('root') ?? {}
  const isBare = useMatches().some(({ handle }) => (handle as { isBare?: boolean } | undefined)?.isBare)
  return (
    <html lang="en" data-theme={preferences.theme} suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        {/* Where those who add styles in the browser look for it. */}
        <meta property="csp-nonce" nonce={nonce} suppressHydrationWarning />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/favicon.svg" type="image/svg+xml" />
        <Meta />
        {/* Declared once: fonts that are declared anew are laid out anew. */}
        <style nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: fontStyles }} />
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: fontScript }} />
        <Links />
      </head>
      <body>
        <GlobalStyle />
        {isBare ? children : <AppShell preferences={preferences}>{children}</AppShell>}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  )
}

/** What the server wrote into the page, when the page is drawn anew in the browser. */
const nonceOfPage = (): string | undefined =>
  typeof document === 'undefined'
    ? undefined
    : document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce

export default function App() {
  return (
    <>
      {/* The bar answers while the page below it still comes to life. */}
      <Suspense>
        <Outlet />
        <PageAlive />
      </Suspense>
      <OutboxPanel />
      <Arrivals />
    </>
  )
}

/** Apart, so that nothing else is drawn anew with what is under way. */
function Arrivals() {
  useArrivals()
  return null
}

export const ErrorBoundary = ({ error }: Route.ErrorBoundaryProps) => (
  <>
    <RouteError error={error} />
    <PageAlive />
  </>
)
