import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { formatKin, formatOdds } from '#core/kin/kin-finding.ts'
import type { KinMember } from '#app/data/build-records.server.ts'
import { columnName } from '#app/data/column-name.ts'
import type { KinOverview } from '#app/data/kin.server.ts'
import * as texts from '#app/texts/kin.ts'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { PartStrip } from './PartStrip.tsx'

const Members = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 12px;
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    min-width: 0;
    overflow-wrap: anywhere;
  }
  img {
    display: block;
    width: 100%;
    height: 92px;
    margin-bottom: 6px;
    border-radius: 8px;
    background: var(--mat);
    object-fit: contain;
    padding: 8px;
  }
  small {
    display: block;
  }
`

const Pairs = styled.ul`
  display: grid;
  gap: 10px;
  margin: 0;
  padding: 10px 0 0;
  border-top: 1px dotted var(--line-strong);
  list-style: none;
`

/** Of a large family so many are drawn and so many pairs told. */
const drawnAtMost = 24
const pairsAtMost = 40

type Family = KinOverview['families'][number]

interface Props {
  family: Family
  memberOf: (id: string) => KinMember | undefined
}

/** Filters that hang together, drawn side by side, and below what each pair shares. */
export function FamilyCard({ family: { members, pairs }, memberOf }: Props) {
  const own = members.flatMap((id) => memberOf(id) ?? [])
  const nameOf = (id: string) => columnName(memberOf(id))
  return (
    <Card aria-label={texts.familyOf(own.map(columnName).join(', '))}>
      <Stack $gap={12}>
        <Members>
          {own.slice(0, drawnAtMost).map(({ id, productId, specimenId, name, revision, engine }) => (
            <li key={id}>
              <img
                src={`${href('/specimens/:specimen/drawing.svg', { specimen: specimenId })}?head`}
                alt=""
                loading="lazy"
              />
              <Link to={href('/products/:product', { product: productId })}>{name}</Link>
              <Small as="small">{[revision, engine.name].filter(Boolean).join(' · ')}</Small>
            </li>
          ))}
        </Members>
        <Pairs aria-label={texts.pairs}>
          {pairs.slice(0, pairsAtMost).map(({ a, b, finding, shared }) => (
            <li key={`${a} ${b}`}>
              <Stack $gap={6}>
                <Row $between>
                  <span>
                    <Link to={href('/kin/:a/:b', { a, b })} prefetch="intent">
                      {texts.andOfName(nameOf(a), nameOf(b))}
                    </Link>
                    : <strong>{formatKin(finding)}</strong>
                  </span>
                  <Small>{formatOdds(finding.chance)}</Small>
                </Row>
                <PartStrip shared={shared} label={texts.partsOfAnd(nameOf(a), nameOf(b))} />
              </Stack>
            </li>
          ))}
        </Pairs>
        {(own.length > drawnAtMost || pairs.length > pairsAtMost) && (
          <Small>{texts.filtersAndPairsInAllThe(own.length, pairs.length)}</Small>
        )}
      </Stack>
    </Card>
  )
}
