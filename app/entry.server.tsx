import { Writable } from 'node:stream'
import { renderToPipeableStream } from 'react-dom/server'
import { ServerRouter, type EntryContext } from 'react-router'
import { ServerStyleSheet } from 'styled-components'

const headEnd = '</head>'

/** The whole page at once, with the styles of what is on it in its head. */
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
): Promise<Response> {
  const sheet = new ServerStyleSheet()
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
        headers.set('Content-Type', 'text/html; charset=utf-8')
        resolve(
          new Response(Buffer.concat([html.subarray(0, at), Buffer.from(sheet.getStyleTags()), html.subarray(at)]), {
            status,
            headers,
          }),
        )
        sheet.seal()
        done()
      },
    })
    const { pipe } = renderToPipeableStream(sheet.collectStyles(<ServerRouter context={context} url={request.url} />), {
      onAllReady: () => pipe(body),
      onShellError: reject,
      progressiveChunkSize: Infinity,
    })
  })
}
