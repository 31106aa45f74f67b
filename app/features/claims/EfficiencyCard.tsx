import { useMemo } from 'react'
import { compareClaims, formatComparison } from '#core/claims/compare.ts'
import type { ProductClaims } from '#app/data/claim-overview.server.ts'
import * as texts from '#app/texts/claims.ts'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { BoundsMultiples } from './BoundsMultiples.tsx'
import { BoundsTable } from './BoundsTable.tsx'
import { claimingProducts, micrometres, toMetres } from './claiming.ts'
import { PairMatrix } from './PairMatrix.tsx'

/** What follows from the claims at each particle size, and what can be said of two products. */
export function EfficiencyCard({ products }: { products: ProductClaims[] }) {
  const { get, set } = useAddress()
  const claiming = useMemo(() => claimingProducts(products), [products])
  const size = micrometres.find((one) => one === Number(get('size'))) ?? 20
  const chosen = (name: string, fallback: number) => claiming.find(({ id }) => id === get(name)) ?? claiming[fallback]
  const [a, b] = [chosen('a', 0), chosen('b', 1)]
  return (
    <Card>
      <Stack $gap={8}>
        <h2>{texts.efficiencyWhatFollowsAtEach}</h2>
        <Soft>{texts.smallerParticlesAreHarderAFilter}</Soft>
        {claiming.length === 0 ? (
          <p>{texts.noClaimNamesBothAPercentage}</p>
        ) : (
          <>
            <BoundsMultiples claiming={claiming} />
            <Row>
              <SelectMenu
                label={texts.put}
                value={a?.id ?? ''}
                options={namedOptions(claiming)}
                onPick={(id) => set({ a: id })}
              />
              <SelectMenu
                label={texts.against}
                value={b?.id ?? ''}
                options={namedOptions(claiming)}
                onPick={(id) => set({ b: id })}
              />
              <SelectMenu
                label={texts.at}
                value={String(size)}
                options={micrometres.map((one) => ({ value: String(one), label: texts.mOfOne(one) }))}
                onPick={(one) => set({ size: one })}
              />
            </Row>
            {a && b && a !== b && (
              <div role="status" style={{ font: '600 20px/1.3 var(--label)' }}>
                {compareClaims(a.points, b.points, toMetres(size)).map((comparison) => (
                  <p key={comparison.test}>{formatComparison(a.name, b.name, toMetres(size), comparison)}</p>
                ))}
              </div>
            )}
            <details>
              <summary style={{ minHeight: 36, cursor: 'pointer', font: '600 17px/36px var(--label)' }}>
                {texts.inNumbersSizeBySize}
              </summary>
              <BoundsTable claiming={claiming} />
            </details>
            {claiming.length > 1 && (
              <PairMatrix
                claiming={claiming}
                size={toMetres(size)}
                a={a?.id}
                b={b?.id}
                onPick={(one, other) => set({ a: one, b: other })}
              />
            )}
          </>
        )}
      </Stack>
    </Card>
  )
}
