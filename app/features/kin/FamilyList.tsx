import { useState } from 'react'
import type { KinMember } from '#app/data/build-records.server.ts'
import type { KinOverview } from '#app/data/kin.server.ts'
import * as texts from '#app/texts/kin.ts'
import { Button } from '#app/ui/Button.tsx'
import { FamilyCard } from './FamilyCard.tsx'

/** So many families are shown at first, and with each press. */
const atOnce = 12

interface Props {
  families: KinOverview['families']
  memberOf: (id: string) => KinMember | undefined
}

/** Families, the largest first, some at a time. */
export function FamilyList({ families, memberOf }: Props) {
  const [shown, setShown] = useState(atOnce)
  const more = families.length - shown
  return (
    <>
      {families.slice(0, shown).map((family) => (
        <FamilyCard key={family.members.join(' ')} family={family} memberOf={memberOf} />
      ))}
      {more > 0 && (
        <div>
          <Button onPress={() => setShown(shown + atOnce)}>
            {texts.showFamiliesMoreOf(Math.min(more, atOnce), families.length)}
          </Button>
        </div>
      )}
    </>
  )
}
