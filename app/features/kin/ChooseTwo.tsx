import { useState } from 'react'
import { href, useNavigate } from 'react-router'
import type { KinMember } from '#app/data/build-records.server.ts'
import { columnName } from '#app/data/column-name.ts'
import * as texts from '#app/texts/kin.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  members: readonly KinMember[]
  /** Of the two that are shown; none where nobody was chosen yet. */
  a?: string
  b?: string
}

/** Any two filters, to see how they hang together. */
export function ChooseTwo({ members, a = '', b = '' }: Props) {
  const navigate = useNavigate()
  const [first, setFirst] = useState(a)
  const [second, setSecond] = useState(b)
  const one = members.find(({ id }) => id === first)
  const alike = members.filter(({ id, form, demo }) => id !== first && form === one?.form && demo === one.demo)
  const option = (member: KinMember) => ({ value: member.id, label: `${columnName(member)} · ${member.engine.name}` })
  return (
    <Row style={{ minWidth: 0 }}>
      <SelectMenu
        name="First filter"
        value={first}
        options={[{ value: '', label: texts.chooseAFilter }, ...members.map(option)]}
        onPick={(id) => {
          setFirst(id)
          if (id === second) setSecond('')
        }}
      />
      <SelectMenu
        name="Second filter"
        value={alike.some(({ id }) => id === second) ? second : ''}
        options={[{ value: '', label: one ? texts.andAnother : texts.chooseTheFirstOne }, ...alike.map(option)]}
        onPick={setSecond}
      />
      <Button
        isDisabled={!alike.some(({ id }) => id === second)}
        onPress={() => void navigate(href('/kin/:a/:b', { a: first, b: second }))}
      >
        {texts.areTheseTwoKin}
      </Button>
    </Row>
  )
}
