import { memo } from 'react'
import { href, Link } from 'react-router'
import { tierLabels } from '#app/features/forms/labels.ts'
import * as texts from '#app/texts/line-up.ts'
import { usePicturesAhead } from '#app/ui/usePicturesAhead.ts'
import { CellsOfRow } from './CellsOfRow.tsx'
import { pinStyle } from './pin-style.ts'
import { SortHead } from './SortHead.tsx'
import { HeadDrawing } from './table-style.ts'
import type { Columns } from './useColumns.ts'

const faceOf = (specimen: string): string => `${href('/specimens/:specimen/drawing.svg', { specimen })}?face`

/** Drawing, name, revision and tier of each product. */
export const ColumnHeads = memo(function ColumnHeads({ view }: { view: Columns }) {
  usePicturesAhead(view.shown.map(({ column: { specimenId } }) => faceOf(specimenId)))
  return (
    <thead>
      <tr aria-rowindex={1}>
        <th scope="col">
          <SortHead view={view} by="name" label={texts.product} />
        </th>
        <CellsOfRow view={view}>
          {({ column }) => {
            const { id, productId, specimenId, name, nickname, maker, revision, tier, specimens, given } = column
            const remarks = [revision, tierLabels[tier], specimens > 1 && texts.specimens(specimens)].filter(Boolean)
            const asides = [
              given.length > 0 && texts.sampleGivenBy(given.join(', ')),
              nickname && `“${nickname}”`,
              maker,
            ]
              .filter(Boolean)
              .join(' · ')
            return (
              <th scope="col" style={pinStyle(view, id, 3)}>
                <HeadDrawing src={faceOf(specimenId)} alt="" loading="lazy" width={250} height={124} />
                <Link to={href('/products/:product', { product: productId })} title={name}>
                  {name}
                </Link>
                <small title={remarks.join(' · ')}>{remarks.join(' · ')}</small>
                {asides && <small title={asides}>{asides}</small>}
              </th>
            )
          }}
        </CellsOfRow>
      </tr>
    </thead>
  )
})
