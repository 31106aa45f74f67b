import { findSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/specimen.ts'
import type { Route } from './+types/drawing-svg'
import { download, found } from './http.server.ts'
import { specimenDrawing } from './specimen-drawing.server.tsx'

/** The drawing of a specimen as a file; to be shown, a small one with `head`, and its faces with `face`. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), texts.thisSpecimen)
  const asked = new URL(request.url).searchParams
  const kind = asked.has('face') ? 'face' : asked.has('head') ? 'small' : 'whole'
  const svg = await specimenDrawing(specimen, kind)
  if (kind === 'whole')
    return download(svg, `${specimen.brand} ${specimen.partNumber} ${specimen.label}.svg`, 'image/svg+xml')
  return new Response(svg, { headers: { 'Content-Type': 'image/svg+xml; charset=utf-8', 'Cache-Control': 'no-cache' } })
}
