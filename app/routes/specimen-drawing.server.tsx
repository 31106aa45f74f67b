import { renderToStaticMarkup } from 'react-dom/server'
import { assessSpecimen } from '#app/data/assessments.server.ts'
import { cachedQuery } from '#app/data/query-cache.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import { drawingData } from '#app/drawing/data.ts'
import { ExplodedView } from '#app/drawing/ExplodedView.tsx'

/** The drawing of a specimen as SVG; a small one has no words, for the head of a column. */
export const specimenDrawing = (specimen: Specimen, isSmall: boolean): Promise<string> =>
  cachedQuery(`drawing ${specimen.id} ${isSmall}`, async () => {
    const name = `${specimen.brand} ${specimen.partNumber} ${specimen.label}`
    const data = drawingData(specimen.form, (await assessSpecimen(specimen)).values, specimen.sizeClass)
    return renderToStaticMarkup(
      isSmall ? (
        <ExplodedView data={data} width={360} height={104} labels={false} dimensions={false} title={name} />
      ) : (
        <ExplodedView data={data} width={1100} height={420} title={`${name}, exploded drawing to scale`} />
      ),
    )
  })
