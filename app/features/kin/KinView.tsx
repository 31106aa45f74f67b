import { useCallback, useMemo } from 'react'
import { href } from 'react-router'
import type { KinMember } from '#app/data/build-records.server.ts'
import type { KinOverview } from '#app/data/kin.server.ts'
import * as texts from '#app/texts/kin.ts'
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
          <h2>{texts.noTwoFiltersYet}</h2>
          <p>{texts.filtersThatShareAShellA}</p>
          <div>
            <ButtonLink to={href('/')} $kind="primary">
              {texts.toTheBenchAndTheEngines}
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
            <h2>{texts.noRelativesFound}</h2>
            <Soft>{texts.twoFiltersAreCalledKinWhen}</Soft>
          </Stack>
        </Card>
      )}
      {shown.length > 0 && (
        <TabbedPanels
          label={texts.relativesAs}
          selected={isMap ? 'map' : 'families'}
          onSelect={(key) => set({ as: key === 'map' ? key : '' })}
          panels={[
            {
              key: 'families',
              label: texts.families,
              content: !isMap && <FamilyList families={shown} memberOf={memberOf} />,
            },
            {
              key: 'map',
              label: texts.map,
              content: isMap && (
                <KinMap families={shown} memberOf={memberOf} total={(engine ? choice : members).length} />
              ),
            },
          ]}
        />
      )}
      {scarce.length > 0 && <Small>{texts.tooLittleIsRecordedToTell(scarce.map(({ name }) => name).join(', '))}</Small>}
      <Small>{texts.itIsAboutPartsNeverAbout}</Small>
    </Stack>
  )
}

/** With fewer things known of a filter hardly anything can be told. */
const fewKnown = 15
