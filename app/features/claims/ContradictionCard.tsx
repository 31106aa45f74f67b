import { useState } from 'react'
import { styled } from 'styled-components'
import { claimLabel, placeLabel } from '#core/claims/claim.ts'
import type { Contradiction } from '#core/claims/standing.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/claims.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

const Said = styled(Stack)`
  grid-template-columns: minmax(0, 1fr);
  select {
    max-width: 100%;
  }
`

/** Claims that cannot all be true: what counts now, and the user's own decision with its reason. */
export function ContradictionCard({ contradiction, name }: { contradiction: Contradiction; name: string }) {
  const { productId, kind, claims, uses, decided } = contradiction
  const { send, refusal } = useAction()
  const [chosen, choose] = useState(uses.id)
  const [reason, setReason] = useState(decided?.reason ?? '')
  const post = (fields: Record<string, string>) => send({ productId, kind, ...fields })
  return (
    <Said as="section" $gap={8} aria-label={texts.contradiction(name, claimLabel(kind))}>
      <p>
        <strong>{name}</strong>: {contradiction.description}
      </p>
      <Small>
        {decided ? texts.youDecidedFor(uses.words, decided.reason) : texts.untilYouDecideTheLowerCounts(uses.words)}
      </Small>
      <Row $gap={8}>
        <SelectMenu
          name={`Which counts for ${name}`}
          value={chosen}
          options={claims.map(({ id, words, place }) => ({
            value: id,
            label: `${words.slice(0, 60)} (${placeLabel(place)})`,
          }))}
          onPick={choose}
        />
        <Small>{texts.because}</Small>
        <InputBox
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          maxLength={300}
          aria-label={texts.reasonFor(name)}
          style={{ minWidth: 240 }}
        />
        <Button onPress={() => post({ intent: 'decide', claimId: chosen, reason })}>{texts.decide}</Button>
        {decided && (
          <Button $kind="quiet" onPress={() => post({ intent: 'undecide' })}>
            {texts.backToTheLower}
          </Button>
        )}
      </Row>
      <ErrorText role="alert">{refusal}</ErrorText>
    </Said>
  )
}
