import { useMemo } from 'react'
import { href, Link, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { linkedGroups } from '#core/kin/kin-families.ts'
import { kinLinks } from '#core/kin/kin-links.ts'
import { formatKin } from '#core/kin/kin-finding.ts'
import { kinParts } from '#core/kin/kin-parts.ts'
import type { KinMember } from '#app/data/build-records.server.ts'
import { columnName } from '#app/data/column-name.ts'
import type { KinOverview } from '#app/data/kin.server.ts'
import * as texts from '#app/texts/kin.ts'
import { Chart } from '#app/ui/Chart.tsx'
import type { ChartColours } from '#app/ui/EChart.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { kinMapOption, type MapNode } from './kin-map-option.ts'
import { useMapLayout } from './useMapLayout.ts'

const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 7fr) minmax(0, 3fr);
  gap: 16px;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
  ol {
    max-height: 480px;
    margin: 0;
    padding: 0 0 0 24px;
    overflow-y: auto;
  }
  li {
    padding-bottom: 6px;
    overflow-wrap: anywhere;
  }
`

const parts = kinParts.filter(({ of }) => of !== 'box')
const height = 480

interface Props {
  families: KinOverview['families']
  memberOf: (id: string) => KinMember | undefined
  /** So many filters there are, with those that share nothing. */
  total: number
}

/** Who shares parts with whom, as a map, and the same as a list beside it. */
export function KinMap({ families, memberOf, total }: Props) {
  const { get, set } = useAddress()
  const navigate = useNavigate()
  const part = parts.find(({ key }) => key === get('part'))
  const pairs = useMemo(() => families.flatMap((family) => family.pairs), [families])
  const drawn = useMemo(() => {
    const links = kinLinks(pairs, part?.key)
    const groups = linkedGroups(links)
    return { links, groups, ids: groups.flat() }
  }, [pairs, part])
  const layout = useMapLayout(part?.key ?? 'any', drawn)
  const option = useMemo(() => {
    if (!layout) return undefined
    const nodes = drawn.groups.flatMap((members, group) =>
      members.flatMap((id): MapNode[] => {
        const [member, place] = [memberOf(id), layout.get(id)]
        if (!member || !place) return []
        const address = href('/products/:product', { product: member.productId })
        return [{ ...place, id, name: columnName(member), engine: member.engine.name, group, address }]
      }),
    )
    const edges = drawn.links.map(({ a, b, strength }) => {
      const finding = pairs.find((pair) => pair.a === a && pair.b === b)?.finding
      return {
        source: a,
        target: b,
        strength,
        says: finding ? formatKin(finding) : '',
        address: href('/kin/:a/:b', { a, b }),
      }
    })
    return (colours: ChartColours) => kinMapOption(nodes, edges, colours)
  }, [layout, drawn, pairs, memberOf])
  const open = useMemo(
    () => (data: unknown) => {
      const { address } = data as { address?: string }
      if (address) void navigate(address)
    },
    [navigate],
  )
  const alone = total - drawn.ids.length
  return (
    <Card aria-label={texts.map}>
      <Stack $gap={10}>
        <Row $between>
          <h2>{texts.map}</h2>
          <SelectMenu
            label={texts.linkedBy}
            value={part?.key ?? ''}
            options={[
              { value: '', label: texts.anythingShared },
              ...parts.map(({ key, label }) => ({
                value: key,
                label: texts.pairsOfLabel(label.toLowerCase(), kinLinks(pairs, key).length),
              })),
            ]}
            onPick={(key) => set({ part: key })}
          />
        </Row>
        <Sides>
          {option && drawn.ids.length > 0 ? (
            <Chart
              label={texts.mapOfFiltersInGroups(drawn.ids.length, drawn.groups.length)}
              height={height}
              option={option}
              onPick={open}
              canvas
            />
          ) : (
            <div style={{ height }}>
              <Small>{drawn.ids.length > 0 ? texts.layingOut : texts.nothingIsLinkedByThisPart}</Small>
            </div>
          )}
          <ol aria-label={texts.groups}>
            {drawn.groups.map((members) => (
              <li key={members.join(' ')}>
                {members.map((id, at) => {
                  const member = memberOf(id)
                  if (!member) return null
                  return (
                    <span key={id}>
                      {at > 0 && ', '}
                      <Link to={href('/products/:product', { product: member.productId })}>{columnName(member)}</Link>
                    </span>
                  )
                })}
              </li>
            ))}
          </ol>
        </Sides>
        <Small>
          {texts.aLineIsAPairThat(part ? texts.its(part.label.toLowerCase()) : texts.parts)}{' '}
          {alone > 0 && texts.filtersOfWhichNoSuchPair(alone)}
        </Small>
      </Stack>
    </Card>
  )
}
