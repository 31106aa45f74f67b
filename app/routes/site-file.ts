import * as texts from '#app/texts/review.ts'
import type { Route } from './+types/site-file'
import { found } from './http.server.ts'
import { builtFile } from './site-build.server.ts'

const types: Record<string, string> = {
  html: 'text/html',
  xml: 'application/xml',
  json: 'application/feed+json',
  txt: 'text/plain',
}

/** A file of the site as it was built last, to be looked at. */
export async function loader({ params }: Route.LoaderArgs) {
  const path = params['*'] || 'index.html'
  const file = found(await builtFile(path), texts.thisPageOfTheSite)
  const type = types[path.split('.').at(-1) ?? ''] ?? 'text/plain'
  return new Response(new Uint8Array(file), {
    headers: { 'Content-Type': `${type}; charset=utf-8`, 'Cache-Control': 'no-cache' },
  })
}
