import { renderToString } from 'react-dom/server'
import { ServerRouter, type EntryContext } from 'react-router'
import { ServerStyleSheet } from 'styled-components'

export default function handleRequest(request: Request, status: number, headers: Headers, context: EntryContext): Response {
  const sheet = new ServerStyleSheet()
  try {
    const html = renderToString(sheet.collectStyles(<ServerRouter context={context} url={request.url} />))
    headers.set('Content-Type', 'text/html; charset=utf-8')
    return new Response(`<!DOCTYPE html>${html.replace('</head>', `${sheet.getStyleTags()}</head>`)}`, { status, headers })
  } finally {
    sheet.seal()
  }
}
