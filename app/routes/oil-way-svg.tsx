import { oilStates } from '#core/figures/oil-way.ts'
import { findSpecimen } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/oil-way.ts'
import type { Route } from './+types/oil-way-svg'
import { download, found } from './http.server.ts'
import { oilWayDrawing } from './specimen-drawing.server.tsx'

/** The oil's way through a specimen as a file, in the state that is asked for. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const specimen = found(await findSpecimen(params.specimen), texts.thisSpecimen)
  const asked = new URL(request.url).searchParams.get('state')
  const { key, label } = oilStates.find((one) => one.key === asked) ?? oilStates[0]
  const name = `${specimen.brand} ${specimen.partNumber} ${specimen.label}`
  return download(await oilWayDrawing(specimen, key), texts.svg(name, label.toLowerCase()), 'image/svg+xml')
}
