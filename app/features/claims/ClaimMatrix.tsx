import { styled } from 'styled-components'
import { claimLabel, gradeClaim, type ClaimKind } from '#core/claims/claim.ts'
import { formatNotKnown, notKnown } from '#core/claims/inquiry.ts'
import type { ProductClaims } from '#app/data/claim-overview.server.ts'
import type { StoredClaim } from '#app/data/claims.server.ts'
import * as texts from '#app/texts/claims.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { formatClaimParts } from './format-claim.ts'

const Matrix = styled(Table)`
  table-layout: fixed;
  min-width: 560px;
  th:nth-child(1) {
    width: 22%;
  }
  th:nth-child(2) {
    width: 29%;
  }
  th:nth-child(3) {
    width: 12%;
  }
  th:nth-child(5) {
    width: 16%;
  }
  th[scope='row'] {
    padding: 0;
    text-align: left;
  }
  td {
    padding: 3px 4px;
    vertical-align: top;
    font-size: 14px;
  }
  tr[data-picked] > * {
    background: var(--green-soft);
  }
  button {
    width: 100%;
    min-height: 36px;
    padding: 3px 6px;
    border: 0;
    background: none;
    font: 600 16px/1.15 var(--label);
    color: var(--ink);
    text-align: left;
    overflow-wrap: anywhere;
    cursor: pointer;
    &:hover {
      text-decoration: underline;
    }
  }
  i {
    font-style: normal;
    color: var(--ink-soft);
  }
  s {
    color: var(--ink-soft);
  }
`

/** Kinds with a column of their own; the others are counted in the last. */
const columns: readonly ClaimKind[] = ['efficiency', 'capacity', 'interval']

const gradeGlyphs = { complete: '■', partial: '◧', slogan: '□' }

interface Props {
  products: readonly ProductClaims[]
  picked: string | undefined
  onPick: (product: string) => void
}

/** What is claimed of each product, side by side, each as it was said with its mark; a product opens word for word. */
export const ClaimMatrix = ({ products, picked, onPick }: Props) => (
  <div style={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={texts.whatIsClaimed}>
    <Matrix>
      <thead>
        <tr>
          <th scope="col">{texts.product}</th>
          {columns.map((kind) => (
            <th key={kind} scope="col">
              {kind === 'capacity' ? texts.capacity : claimLabel(kind)}
            </th>
          ))}
          <th scope="col">{texts.also}</th>
        </tr>
      </thead>
      <tbody>
        {products.map((product) => (
          <tr key={product.id} data-picked={product.id === picked || undefined}>
            <th scope="row">
              <button type="button" aria-pressed={product.id === picked} onClick={() => onPick(product.id)}>
                {product.name}
                {product.contradictions.length > 0 && <Small aria-hidden> ≠</Small>}
              </button>
            </th>
            {columns.map((kind) => (
              <td key={kind}>
                <ClaimsOfKind kind={kind} product={product} />
              </td>
            ))}
            <td>
              <Others product={product} />
            </td>
          </tr>
        ))}
      </tbody>
    </Matrix>
    <Small>{texts.completePartialSloganStruckPut}</Small>
  </div>
)

function ClaimsOfKind({ kind, product }: { kind: ClaimKind; product: ProductClaims }) {
  const own = product.all.filter((claim) => claim.kind === kind)
  if (own.length === 0) {
    const open = notKnown(product.all, product.inquiries).find(({ about }) => about === kind)
    return <Small title={open && formatNotKnown(open)}>{open && open.inquiries.length > 0 ? texts.asked : '–'}</Small>
  }
  return own.map((claim) => <OneClaim key={claim.id} claim={claim} isAside={isAside(claim, product)} />)
}

function OneClaim({ claim, isAside: aside }: { claim: StoredClaim; isAside: boolean }) {
  const { grade, lacks } = gradeClaim(claim)
  const [said = '', ...conditions] = (
    formatClaimParts(claim).replace(` · ${texts.noTestNamed}`, '') || claim.words
  ).split(' · ')
  const shown = claim.kind === 'efficiency' ? said.replace(/([\d.]+\+?) at /g, texts.n1At) : said
  return (
    <div
      title={[`“${claim.words}”`, ...conditions, lacks.length > 0 && texts.lacks(lacks.join(', '))]
        .filter(Boolean)
        .join('; ')}
    >
      <i aria-label={grade}>{gradeGlyphs[grade]}</i> {aside ? <s>{shown}</s> : shown}
      {conditions.length > 0 && (
        <Small> {claim.kind === 'efficiency' ? conditions[0] : texts.conditions(conditions.length)}</Small>
      )}
    </div>
  )
}

const isAside = ({ id }: StoredClaim, { standing }: ProductClaims): boolean =>
  !Object.values(standing).some((own) => own.some((one) => one.id === id))

/** So many kinds are named. */
const mostKinds = 2

function Others({ product }: { product: ProductClaims }) {
  const kinds = [...new Set(product.all.map(({ kind }) => kind))].filter((kind) => !columns.includes(kind))
  if (kinds.length === 0) return <Small>–</Small>
  const named = kinds.slice(0, mostKinds).map((kind) => claimLabel(kind).toLowerCase())
  const rest = kinds.length - named.length
  return <Small>{[...named, ...(rest > 0 ? [texts.more(rest)] : [])].join(', ')}</Small>
}
