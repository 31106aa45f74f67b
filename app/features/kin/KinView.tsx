import { useCallback, useMemo } from 'react'
import { href } from 'react-router'
import type { KinMember } from '#app/data/build-records.server.ts'
import type { KinOverview } from '#app/data/kin.server.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { TabbedPanels } from '#app/ui/TabbedPanels.tsx'
import { useAddress } from '#app/ui/useAddress.ts'
import { ChooseTwo } from './ChooseTwo.tsx'
import { FamilyList } from './FamilyList.tsx'
import { KinMap } from './KinMap.tsx'

/** Whose relative is whose: families, and any two to look at. */
export function KinView({ members, families, engine }: KinOverview & { engine?: string }) {
  const { get, set } = useAddress()
  const isMap = get('as') === 'map'
  const byId = useMemo(() => new Map(members.map((member) => [member.id, member])), [members])
  const memberOf = useCallback((id: string): KinMember | undefined => byId.get(id), [byId])
  const shown = useMemo(
    () => families.filter((family) => !engine || family.members.some((id) => memberOf(id)?.engine.id === engine)),
    [families, engine, memberOf],
  )
  const choice = engine ? members.filter((member) => member.engine.id === engine) : members
  if (choice.length < 2)
    return (
      <Card>
        <Stack>
          <h2>No two filters yet</h2>
          <p>
            Filters that share a shell, a valve or an element will stand here as families, over all engines: it takes
            two with something recorded of each.
          </p>
          <div>
            <ButtonLink to={href('/')} $kind="primary">
              To the bench and the engines
            </ButtonLink>
          </div>
        </Stack>
      </Card>
    )
  const scarce = choice.filter(({ known }) => known < fewKnown)
  return (
    <Stack $gap={16}>
      <ChooseTwo members={choice} />
      {shown.length === 0 && (
        <Card>
          <Stack $gap={6}>
            <h2>No relatives found</h2>
            <Soft>
              Two filters are called kin when what was recorded of both is 19 times likelier of shared parts than of
              strangers. What tells most: the holes of the plate with an odd one, stamped marks, the track of the
              gasket, seam and inside of the can, lips, louvres and the colour of the glue.
            </Soft>
          </Stack>
        </Card>
      )}
      {shown.length > 0 && (
        <TabbedPanels
          label="Relatives as"
          selected={isMap ? 'map' : 'families'}
          onSelect={(key) => set({ as: key === 'map' ? key : '' })}
          panels={[
            {
              key: 'families',
              label: 'Families',
              content: !isMap && <FamilyList families={shown} memberOf={memberOf} />,
            },
            {
              key: 'map',
              label: 'Map',
              content: isMap && (
                <KinMap families={shown} memberOf={memberOf} total={(engine ? choice : members).length} />
              ),
            },
          ]}
        />
      )}
      {scarce.length > 0 && (
        <Small>
          Too little is recorded to tell of {scarce.map(({ name }) => name).join(', ')}: nobody is called a stranger for
          what was not looked at.
        </Small>
      )}
      <Small>
        It is about parts, never about who made them. A part that looks the same and does not swap over is another part.
      </Small>
    </Stack>
  )
}

/** With fewer things known of a filter hardly anything can be told. */
const fewKnown = 15
