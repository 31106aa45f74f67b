import * as texts from '#app/texts/how-sure.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { shareBeyond, shownRanks, type RankShares } from './rank-shares.ts'

const formatShare = (share: number): string => {
  if (share === 0) return '–'
  return share < 0.005 ? '<1 %' : `${Math.round(share * 100)} %`
}

/** How often each product is at each rank; with drawn weights, what it wins with. */
export function RankSharesTable({ rows, hasDrawnWeights }: { rows: RankShares[]; hasDrawnWeights: boolean }) {
  const isBeyond = rows.length > shownRanks
  return (
    <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.rankShares}>
      <Table>
        <thead>
          <tr>
            <th scope="col">{texts.product}</th>
            {rows.slice(0, shownRanks).map(({ id }, rank) => (
              <th key={id} scope="col">
                {rank + 1}
              </th>
            ))}
            {isBeyond && <th scope="col">{texts.lower}</th>}
            {hasDrawnWeights && <th scope="col">{texts.winsWithMoreWeightOn}</th>}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, name, shares, winsWith }) => (
            <tr key={id}>
              <td>{name}</td>
              {shares.slice(0, shownRanks).map((share, rank) => (
                <td key={rank}>{formatShare(share)}</td>
              ))}
              {isBeyond && <td>{formatShare(shareBeyond(shares))}</td>}
              {hasDrawnWeights && (
                <td>
                  <Small>{winsWith.length > 0 ? winsWith.join(', ') : texts.neverFirst}</Small>
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  )
}
