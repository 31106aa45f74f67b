import type { ServerBuild } from 'react-router'
import { expect, test } from 'vitest'
import { guardedBuild } from './guarded-build.ts'

type Load = (args: { request: Request }) => Promise<Response>

/** The guarded loader of a route that answers a stream, and whether the stream was let go of. */
function streaming(): { load: Load; wasLetGo: () => boolean } {
  let letGo = false
  const loader = () =>
    new Response(new ReadableStream({ cancel: () => void (letGo = true) }), { headers: { 'Content-Type': 'text/csv' } })
  const build = { routes: { file: { id: 'file', module: { loader } } } } as unknown as ServerBuild
  const guarded = guardedBuild(build).routes.file?.module.loader as unknown as Load
  return { load: guarded, wasLetGo: () => letGo }
}

test('a body that is asked for stays', async () => {
  const { load, wasLetGo } = streaming()
  const answer = await load({ request: new Request('http://localhost/file') })
  expect(answer.body).not.toBeNull()
  expect(wasLetGo()).toBe(false)
})

test('of a HEAD request the head is answered, and the body let go of', async () => {
  const { load, wasLetGo } = streaming()
  const answer = await load({ request: new Request('http://localhost/file', { method: 'HEAD' }) })
  expect(answer.headers.get('Content-Type')).toBe('text/csv')
  expect(answer.body).toBeNull()
  expect(wasLetGo()).toBe(true)
})

test('what comes when its sender has gone is let go of', async () => {
  const { load, wasLetGo } = streaming()
  const gone = new AbortController()
  const loading = load({ request: new Request('http://localhost/file', { signal: gone.signal }) })
  gone.abort()
  await loading.catch(() => undefined)
  expect(wasLetGo()).toBe(true)
})
