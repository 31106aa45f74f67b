import { Writable } from 'node:stream'
import { renderToPipeableStream } from 'react-dom/server'
import { ServerRouter, type AppLoadContext, type EntryContext } from 'react-router'
import { ServerStyleSheet } from 'styled-components'
import { NonceContext } from '#app/ui/nonce.ts'
import { Turns } from './turns.ts'

const headEnd = '</head>'

const turns = new Turns()

/** The whole page at once, with the styles of what is on it in its head; it is not drawn for a HEAD request. */
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
  { nonce }: AppLoadContext & { nonce?: string },
): Promise<Response> {
  headers.set('Content-Type', 'text/html; charset=utf-8')
  if (request.method === 'HEAD') return Promise.resolve(new Response(null, { status, headers }))
  const kind = context.staticHandlerContext.matches.at(-1)?.route.id ?? ''
  return turns.inTurn(kind, () => renderPage(request, status, headers, context, nonce))
}

function renderPage(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
  nonce: string | undefined,
): Promise<Response> {
  const sheet = new ServerStyleSheet()
  const page = (
    <NonceContext value={nonce}>
      <ServerRouter context={context} url={request.url} nonce={nonce} />
    </NonceContext>
  )
  return new Promise<Response>((resolve, reject) => {
    const chunks: Buffer[] = []
    const body = new Writable({
      write(chunk: Buffer, _encoding, done) {
        chunks.push(Buffer.from(chunk))
        done()
      },
      final(done) {
        const html = Buffer.concat(chunks)
        const at = html.indexOf(headEnd)
        resolve(
          new Response(Buffer.concat([html.subarray(0, at), Buffer.from(styles(sheet, nonce)), html.subarray(at)]), {
            status,
            headers,
          }),
        )
        sheet.seal()
        done()
      },
    })
    const { pipe } = renderToPipeableStream(sheet.collectStyles(page), {
      onAllReady: () => pipe(body),
      onShellError: reject,
      progressiveChunkSize: Infinity,
    })
  })
}

/** The styles of a page, with the word by which the browser knows that they are ours. */
const styles = (sheet: ServerStyleSheet, nonce: string | undefined): string =>
  nonce === undefined ? sheet.getStyleTags() : sheet.getStyleTags().replaceAll('<style ', `<style nonce="${nonce}" `)
