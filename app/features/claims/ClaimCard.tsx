import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { weakestReading } from '#core/claims/bounds.ts'
import { formatParticleSize, formatShare } from '#core/claims/compare.ts'
import { claimLabel, gradeClaim, placeLabel } from '#core/claims/claim.ts'
import type { StoredClaim } from '#app/data/claims.server.ts'
import type { ProductClaims } from '#app/data/claim-overview.server.ts'
import * as texts from '#app/texts/claims.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { NotKnownList } from './NotKnownList.tsx'
import { formatClaimParts } from './format-claim.ts'

const gradeWords = { complete: texts.complete, partial: texts.partial, slogan: texts.slogan }

const Quote = styled.q`
  overflow-wrap: anywhere;
`

interface Props {
  product: ProductClaims
  application: string
  today: string
}

/** All claims on one product, word for word, each with how complete it is. */
export function ClaimCard({ product, application, today }: Props) {
  return (
    <Card id={product.id} aria-label={product.name}>
      <Stack $gap={10}>
        <Row $between>
          <h2>
            <Link to={href('/products/:product', { product: product.id })} style={{ textDecoration: 'none' }}>
              {product.name}
            </Link>{' '}
            {product.given.length > 0 && <Small>{texts.sampleGivenBy(product.given.join(', '))}</Small>}
          </h2>
          <ClaimLinks product={product} />
        </Row>
        <ClaimList product={product} application={application} today={today} />
      </Stack>
    </Card>
  )
}

/** The ways to add claims on a product. */
export function ClaimLinks({ product: { id, name } }: { product: ProductClaims }) {
  return (
    <Row $gap={8}>
      <ButtonLink to={href('/products/:product/claims/read', { product: id })} aria-label={texts.pasteClaimsOn(name)}>
        {texts.pasteClaims}
      </ButtonLink>
      <ButtonLink to={href('/products/:product/claims/new', { product: id })} aria-label={texts.addAClaimOn(name)}>
        {texts.addAClaim}
      </ButtonLink>
    </Row>
  )
}

/** What is claimed on a product, and what is not known. */
export function ClaimList({ product, application, today }: Props) {
  return (
    <>
      {product.all.length === 0 ? (
        <Soft>{texts.nothingIsClaimedOrNothingWas}</Soft>
      ) : (
        <Table>
          <tbody>
            {product.all.map((claim) => (
              <ClaimRow key={claim.id} claim={claim} product={product} />
            ))}
          </tbody>
        </Table>
      )}
      <NotKnownList product={product} application={application} today={today} />
    </>
  )
}

function ClaimRow({ claim, product }: { claim: StoredClaim; product: ProductClaims }) {
  const { grade, lacks } = gradeClaim(claim)
  const aside = !Object.values(product.standing).some((own) => own.some(({ id }) => id === claim.id))
  const weakest = weakestReading(claim)
  return (
    <tr>
      <td style={{ width: '44%' }}>
        <Link to={href('/claims/:claim', { claim: claim.id })}>{claimLabel(claim.kind)}</Link>{' '}
        <Quote>{claim.words}</Quote>
        <br />
        <Small>
          {placeLabel(claim.place)}, {claim.readOn}
          {claim.revisionId && texts.ofLabel(product.revisions[claim.revisionId] ?? texts.anotherRevision)}
          {claim.photoId && (
            <>
              {' · '}
              <a href={href('/photos/:photo', { photo: claim.photoId })}>{texts.photo}</a>
            </>
          )}
        </Small>
      </td>
      <td>
        {formatClaimParts(claim)}
        <PromiseWord claim={claim} product={product} />
        {aside && (
          <>
            <br />
            <Small>{texts.putAsideContradictedByAnotherClaim}</Small>
          </>
        )}
        {weakest && (
          <>
            <br />
            <Small>
              {texts.contradictsItselfSinceLarger(formatShare(weakest.share), formatParticleSize(weakest.size))}
            </Small>
          </>
        )}
      </td>
      <td style={{ width: '22%' }}>
        {gradeWords[grade]}
        {lacks.length > 0 && (
          <>
            <br />
            <Small>{texts.lacks(lacks.join(', '))}</Small>
          </>
        )}
      </td>
    </tr>
  )
}

const promiseSigns = { kept: texts.kept, broken: texts.broken, 'not-checked': texts.notChecked }

/** What became of what is promised about a part, with the way to where it is checked. */
function PromiseWord({ claim, product }: { claim: StoredClaim; product: ProductClaims }) {
  const outcome = product.outcomes[claim.id]
  const key = claim.parts.promise?.characteristic
  if (!outcome || key === undefined) return null
  const { state, kept, lookedAt } = outcome
  return (
    <>
      <br />
      <Small>
        {promiseSigns[state]}
        {lookedAt > 0 && texts.inOfLookedAt(kept, lookedAt)}
        {product.specimen && (
          <>
            {' · '}
            <Link to={`${href('/bench/:specimen', { specimen: product.specimen })}?at=${key}`}>
              {state === 'not-checked' ? texts.checkItAtTheBench : texts.itsReadings}
            </Link>
          </>
        )}
      </Small>
    </>
  )
}
