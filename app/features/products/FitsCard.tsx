import { useState } from 'react'
import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { byKey } from '#core/by-key.ts'
import { fitmentSources } from '#app/data/fitment-sources.ts'
import type { ProductFitment } from '#app/data/product-fitments.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/products.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Caution, Row, Small, Soft, Stack, Unseen } from '#app/ui/layout.tsx'
import { WordChips } from '#app/ui/WordChips.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { EngineMenu, type NamedEngine } from './EngineMenu.tsx'

const Checks = styled(WordChips)`
  li[data-state='unknown'] {
    border: 1px dotted var(--line-strong);
  }
  li[data-state='fits'] {
    border-color: var(--green);
    background: var(--green-soft);
  }
  li[data-state='not'] {
    border-color: var(--red);
    background: var(--red-soft);
  }
`

const glyphs = { fits: '✓', not: '✗', unknown: '?' } as const
const stateWords = { fits: 'fits', not: texts.doesNotFit, unknown: texts.notKnown } as const

interface Props {
  fitments: readonly ProductFitment[]
  /** Whether there is another engine that it could be said to fit. */
  hasOthers: boolean
  product: string
}

/** The engines that a product is for: how that is known, and what of it fits. */
export function FitsCard({ fitments, hasOthers, product }: Props) {
  return (
    <Card aria-label={texts.enginesItFits}>
      <Stack $gap={12}>
        <h2>{texts.enginesItFits}</h2>
        {fitments.map((fitment) => (
          <Fits key={fitment.applicationId} fitment={fitment} />
        ))}
        <Caution>{texts.aFittingThreadIsNotAll}</Caution>
        {hasOthers ? <FitsToo key={fitments.length} product={product} /> : <Soft>{texts.thereIsNoOtherEngineOf}</Soft>}
      </Stack>
    </Card>
  )
}

function Fits({ fitment }: { fitment: ProductFitment }) {
  const { applicationId, engine, isHome, source, remarks, checks, option, verdicts } = fitment
  const { send, isIdle, refusal } = useAction()
  const how = source === '' ? texts.enteredForIt : byKey(fitmentSources, source).label.toLowerCase()
  return (
    <Stack $gap={6}>
      <Row $between>
        <span>
          <Link to={href('/lineups/:application', { application: applicationId })}>{engine}</Link>{' '}
          <Small>{[how, remarks].filter(Boolean).join('; ')}</Small>
        </span>
        {!isHome && (
          <Button
            $kind="quiet"
            isDisabled={!isIdle}
            aria-label={texts.takeItOutOf(engine)}
            onPress={() => send({ intent: 'fits-no-more', engine: applicationId })}
          >
            {texts.takeOut}
          </Button>
        )}
      </Row>
      <Checks aria-label={texts.doesItFit(engine)}>
        {checks.map(({ what, state, reason }) => (
          <li key={what} data-state={state} title={reason}>
            <span aria-hidden>{glyphs[state]} </span>
            {what}
            <Unseen>
              : {stateWords[state]}, {reason}
            </Unseen>
          </li>
        ))}
      </Checks>
      {checks.some(({ state }) => state === 'not') && (
        <Caution>
          {checks
            .filter(({ state }) => state === 'not')
            .map(({ what, reason }) => `${what}: ${reason}.`)
            .join(' ')}
        </Caution>
      )}
      {option && <Small>{option}</Small>}
      {!isHome && verdicts > 0 && <Small>{texts.publishedVerdictsOfItTakenOut(verdicts, engine)}</Small>}
      <ErrorText role="alert">{refusal}</ErrorText>
    </Stack>
  )
}

function FitsToo({ product }: Pick<Props, 'product'>) {
  const { send, refusal, isIdle } = useAction()
  const [engine, setEngine] = useState<NamedEngine>()
  const [source, setSource] = useState('')
  const [remarks, setRemarks] = useState('')
  const keep = () => {
    send({ intent: 'fits', engine: engine?.id ?? '', source, remarks })
  }
  return (
    <Stack $gap={6}>
      <Row style={{ flexWrap: 'wrap' }}>
        <EngineMenu product={product} picked={engine} onPick={setEngine} />
        <SelectMenu
          name="How that is known"
          value={source}
          options={[
            { value: '', label: texts.howThatIsKnown },
            ...fitmentSources.map(({ key, label }) => ({ value: key, label })),
          ]}
          onPick={setSource}
        />
        <InputBox
          aria-label={texts.remarkOnTheFit}
          placeholder={texts.remarkASpacerWhatItMust}
          style={{ flex: 1, minWidth: 180 }}
          maxLength={200}
          value={remarks}
          onChange={(event) => setRemarks(event.target.value)}
        />
        <Button isDisabled={!isIdle} onPress={keep}>
          {texts.putItInThatLineUp}
        </Button>
      </Row>
      <ErrorText role="alert">{refusal}</ErrorText>
    </Stack>
  )
}
