import { renderToStaticMarkup } from 'react-dom/server'
import { oilWay, type OilState } from '#core/figures/oil-way.ts'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { cachedQuery } from '#app/data/query-cache.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { OilWay } from '#app/drawing/OilWay.tsx'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'
import { FaceView } from '#app/drawing/FaceView.tsx'
import * as texts from '#app/texts/specimen.ts'

/** The oil's way through a specimen as SVG. */
export async function oilWayDrawing(specimen: Specimen, state: OilState): Promise<string> {
  const { values } = await assessSpecimen(specimen)
  const { bypass, drainBack, says } = oilWay(specimen.form, values)
  return renderToStaticMarkup(
    <OilWay
      data={drawingData(specimen.form, values, specimen.sizeClass)}
      state={state}
      bypass={bypass}
      drains={drainBack === 'drains'}
      width={1100}
      height={430}
      title={says[state]}
    />,
  )
}

const dataOf = async (specimen: Specimen) =>
  drawingData(specimen.form, (await assessSpecimen(specimen)).values, specimen.sizeClass)

/** How much of a specimen is drawn: all with words, all without, or its faces for the head of a column. */
export type DrawingKind = 'whole' | 'small' | 'face'

/**
 * The drawing of a specimen as SVG.
 *
 * @param beside specimens that are drawn beside it, to one scale with it
 */
export const specimenDrawing = (
  specimen: Specimen,
  kind: DrawingKind,
  beside: readonly Specimen[] = [],
): Promise<string> =>
  cachedQuery(`drawing ${specimen.id} ${kind} ${beside.map(({ id }) => id).join(' ')}`, async () => {
    const name = `${specimen.brand} ${specimen.partNumber} ${specimen.label}`
    const [data, others] = await Promise.all([dataOf(specimen), Promise.all(beside.map(dataOf))])
    const shared = { data, beside: others }
    const drawn = {
      whole: <ExplodedView {...shared} width={1100} height={420} title={texts.explodedDrawingToScale(name)} />,
      small: <ExplodedView {...shared} width={360} height={104} labels={false} dimensions={false} title={name} />,
      face: <FaceView data={data} width={250} height={124} title={name} />,
    }
    return renderToStaticMarkup(drawn[kind])
  })
