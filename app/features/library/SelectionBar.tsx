import { useState } from 'react'
import { styled } from 'styled-components'
import type { ListedProduct } from '#app/data/library.server.ts'
import * as texts from '#app/texts/library.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Small } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

const Bar = styled.div`
  position: sticky;
  bottom: 12px;
  z-index: 5;
  display: grid;
  gap: 8px;
  padding: 10px 14px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--green-soft);
`

interface Props {
  chosen: readonly ListedProduct[]
  tags: readonly string[]
  refusal: string
  isIdle: boolean
  onAct: (fields: Record<string, string>) => void
  onClear: () => void
}

/** What can be done with the products that are chosen. */
export function SelectionBar({ chosen, tags, refusal, isIdle, onAct, onClear }: Props) {
  const [asked, ask] = useState<'tag' | 'merge'>()
  const [tag, setTag] = useState('')
  const [into, setInto] = useState('')
  const kept = chosen.some(({ id }) => id === into) ? into : (chosen[0]?.id ?? '')
  const worn = [...new Set(chosen.flatMap((one) => one.tags))]
  return (
    <Bar role="region" aria-label={texts.chosenProducts}>
      <Row $gap={8}>
        <strong>{texts.productsChosen(chosen.length)}</strong>
        <Button onPress={() => ask(asked === 'tag' ? undefined : 'tag')}>{texts.tag}</Button>
        <Button isDisabled={chosen.length < 2} onPress={() => ask(asked === 'merge' ? undefined : 'merge')}>
          {texts.merge}
        </Button>
        <Button $kind="danger" isDisabled={!isIdle} onPress={() => onAct({ intent: 'throw-away' })}>
          {texts.deleteLabel}
        </Button>
        <Button $kind="quiet" onPress={onClear}>
          {texts.chooseNone}
        </Button>
      </Row>
      {asked === 'tag' && (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            if (tag.trim() !== '') onAct({ intent: 'tag', tag })
          }}
        >
          <Row $gap={8}>
            <InputBox
              aria-label={texts.tag2}
              value={tag}
              maxLength={40}
              list="tags"
              placeholder={texts.winterTest}
              onChange={(event) => setTag(event.target.value)}
              autoFocus
            />
            <datalist id="tags">
              {tags.map((one) => (
                <option key={one} value={one} />
              ))}
            </datalist>
            <Button type="submit" isDisabled={!isIdle || tag.trim() === ''}>
              {texts.giveTheTag}
            </Button>
            {worn.map((one) => (
              <Button key={one} $kind="quiet" onPress={() => onAct({ intent: 'untag', tag: one })}>
                {texts.takeOff(one)}
              </Button>
            ))}
          </Row>
        </form>
      )}
      {asked === 'merge' && chosen.length > 1 && (
        <Row $gap={8}>
          <SelectMenu
            label={texts.keepAs}
            value={kept}
            options={chosen.map(({ id, brand, partNumber, applicationName }) => ({
              value: id,
              label: `${brand} ${partNumber}, ${applicationName}`,
            }))}
            onPick={setInto}
          />
          <Button $kind="primary" isDisabled={!isIdle} onPress={() => onAct({ intent: 'merge', into: kept })}>
            {texts.makeThemOne}
          </Button>
          <Small>{texts.everySpecimenReadingClaimAndPrice}</Small>
        </Row>
      )}
      <ErrorText role="alert">{refusal}</ErrorText>
    </Bar>
  )
}
