import { useMemo } from 'react'
import { href, Link, useNavigate } from 'react-router'
import { styled } from 'styled-components'
import { linkedGroups } from '#core/kin/kin-families.ts'
import { kinLinks } from '#core/kin/kin-links.ts'
import { formatKin } from '#core/kin/kin-finding.ts'
import { kinParts } from '#core/kin/kin-parts.ts'
import { formatCount } from '#core/quantity/format.ts'
import type { KinMember } from '#app/data/build-records.server.ts'
import { columnName } from '#app/data/column-name.ts'
import type { KinOverview } from '#app/data/kin.server.ts'
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
    <Card aria-label="Map">
      <Stack $gap={10}>
        <Row $between>
          <h2>Map</h2>
          <SelectMenu
            label="Linked by"
            value={part?.key ?? ''}
            options={[
              { value: '', label: 'anything shared' },
              ...parts.map(({ key, label }) => ({
                value: key,
                label: `${label.toLowerCase()} (${formatCount(kinLinks(pairs, key).length, 'pair')})`,
              })),
            ]}
            onPick={(key) => set({ part: key })}
          />
        </Row>
        <Sides>
          {option && drawn.ids.length > 0 ? (
            <Chart
              label={`Map of ${formatCount(drawn.ids.length, 'filter')} in ${formatCount(drawn.groups.length, 'group')}`}
              height={height}
              option={option}
              onPick={open}
              canvas
            />
          ) : (
            <div style={{ height }}>
              <Small>{drawn.ids.length > 0 ? 'Laying out…' : 'Nothing is linked by this part.'}</Small>
            </div>
          )}
          <ol aria-label="Groups">
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
          A line is a pair that shares {part ? `its ${part.label.toLowerCase()}` : 'parts'}, the wider the surer; dashed
          below 95 %. Press it to see the two, or a dot to see the filter.{' '}
          {alone > 0 &&
            `${formatCount(alone, 'filter')} of which no such pair is known ${alone === 1 ? 'is' : 'are'} not drawn.`}
        </Small>
      </Stack>
    </Card>
  )
}
