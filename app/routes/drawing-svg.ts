import { findSpecimen } from '#app/data/specimens.server.ts'
import type { Route } from './+types/drawing-svg'
import { download, found } from './http.server.ts'
import { specimenDrawing } from './specimen-drawing.server.tsx'

/** The drawing of a specimen as a file; with `head`, a small one with no words for the head of a column. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), 'This specimen')
  const isSmall = new URL(request.url).searchParams.has('head')
  const svg = await specimenDrawing(specimen, isSmall)
  if (!isSmall) return download(svg, `${specimen.brand} ${specimen.partNumber} ${specimen.label}.svg`, 'image/svg+xml')
  return new Response(svg, { headers: { 'Content-Type': 'image/svg+xml; charset=utf-8', 'Cache-Control': 'no-cache' } })
}
