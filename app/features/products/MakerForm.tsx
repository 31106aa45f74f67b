import { useState } from 'react'
import type { MakerEvidence, Revision } from '#app/data/products.server.ts'
import { revisionName } from '#app/data/column-name.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/products.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

const evidences = [
  { value: '', label: texts.notSaid },
  { value: 'printed', label: texts.printedOnBoxOrCan },
  { value: 'told', label: 'told' },
  { value: 'guessed', label: 'guessed' },
]

/** Who made a revision, with how that is known; a guess stays a guess, and it counts in no score. */
export function MakerForm({ revision }: { revision: Revision }) {
  const name = revisionName(revision.label)
  const { send, refusal, isTaken } = useAction()
  const [maker, setMaker] = useState(revision.maker)
  const [evidence, setEvidence] = useState<MakerEvidence>(revision.makerEvidence)
  return (
    <Row>
      <strong>{name}</strong>
      <InputBox
        aria-label={texts.makerOf(name)}
        placeholder={texts.makerWhereKnown}
        value={maker}
        onChange={(event) => setMaker(event.target.value)}
        maxLength={80}
      />
      <SelectMenu
        name={`How the maker of ${name} is known`}
        value={evidence}
        options={evidences}
        onPick={(value) => setEvidence(value as MakerEvidence)}
      />
      <Button
        aria-label={texts.keepTheMakerOf(name)}
        onPress={() => send({ intent: 'maker', id: revision.id, maker: maker.trim(), makerEvidence: evidence })}
      >
        {texts.keep}
      </Button>
      <Small role="status">{isTaken && texts.kept}</Small>
      <ErrorText role="alert">{refusal}</ErrorText>
    </Row>
  )
}
