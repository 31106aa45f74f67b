import { styled } from 'styled-components'
import { betaRatio } from '#core/claims/beta.ts'
import { boundsAt, interpolate, type CaptureEfficiency } from '#core/claims/bounds.ts'
import { formatBounds } from '#core/claims/compare.ts'
import { formatFixed } from '#core/quantity/format.ts'
import * as texts from '#app/texts/claims.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { micrometres, toMetres, type ClaimingProduct } from './claiming.ts'

const Sizes = styled(Table)`
  th,
  td {
    text-align: right;
    white-space: nowrap;
  }
  th:first-child,
  td:first-child {
    text-align: left;
    white-space: normal;
  }
  td[data-exact] {
    font-weight: 600;
  }
`

/** What each product's claims allow to say at each particle size. */
export function BoundsTable({ claiming }: { claiming: ClaimingProduct[] }) {
  return (
    <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.boundsAtEachSize}>
      <Sizes>
        <thead>
          <tr>
            <th scope="col">{texts.product}</th>
            {micrometres.map((size) => (
              <th key={size} scope="col">
                {texts.mOfSize(size)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {claiming.map(({ id, name, points }) => (
            <tr key={id}>
              <td>{name}</td>
              {micrometres.map((size) => (
                <BoundsCell key={size} points={points} size={toMetres(size)} />
              ))}
            </tr>
          ))}
        </tbody>
      </Sizes>
    </div>
  )
}

function BoundsCell({ points, size }: { points: CaptureEfficiency[]; size: number }) {
  const bounds = boundsAt(points, size)
  const isExact = bounds.lower === bounds.upper
  const between = isExact ? undefined : interpolate(points, size)
  const beta = isExact && bounds.lower < 1 ? betaRatio(bounds.lower) : undefined
  return (
    <td data-exact={isExact || undefined}>
      {formatBounds(bounds)}
      {beta !== undefined && (
        <>
          <br />
          <Small>{texts.beta(formatFixed(beta, beta < 10 ? 1 : 0))}</Small>
        </>
      )}
      {between !== undefined && (
        <>
          <br />
          <Small>{texts.aboutBetweenItsOwnTwo(formatFixed(between * 100, 0))}</Small>
        </>
      )}
    </td>
  )
}
