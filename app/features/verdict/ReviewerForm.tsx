import { useState } from 'react'
import { newId } from '#app/data/id.ts'
import type { Verdict } from '#app/data/verdicts.server.ts'
import { meanwhileOf } from '#app/features/forms/action-result.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/reviewer.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { AreaBox, InputBox } from '#app/ui/inputs.tsx'
import { SavedMeanwhileList } from '#app/ui/SavedMeanwhile.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  draft: Verdict | undefined
  /** The product that the address asks to be put first; empty for none. */
  pick: string
  school: string
  driver: string
  products: { id: string; name: string }[]
  /** What contradicts itself among the readings, a sentence each. */
  contradictions: string[]
}

/** The reviewer's own words, and an overruling with its reason; publishing freezes the verdict as it is. */
export function ReviewerForm({ draft, pick, school, driver, products, contradictions }: Props) {
  const { send, refusal, isTaken, result } = useAction()
  const meanwhile = meanwhileOf(result)
  const [id, setId] = useState(() => draft?.id ?? newId())
  const [words, setWords] = useState(draft?.words ?? '')
  const [conditions, setConditions] = useState(draft?.conditions ?? '')
  const [overrule, setOverrule] = useState(pick || (draft?.overruleColumn ?? ''))
  const [reason, setReason] = useState(draft?.overruleReason ?? '')
  const [isSeen, setIsSeen] = useState(false)
  /** What had been answered when it was published. */
  const [publishedAfter, setPublishedAfter] = useState<{ result: typeof result }>()
  // What was published is done with: the form begins anew.
  if (isTaken && publishedAfter && publishedAfter.result !== result) {
    setPublishedAfter(undefined)
    setId(newId())
    setWords('')
    setConditions('')
    setOverrule('')
    setReason('')
  }
  const post = (intent: 'save' | 'publish') => {
    setPublishedAfter(intent === 'publish' ? { result } : undefined)
    send({
      intent,
      id,
      version: String(meanwhile?.version ?? draft?.version ?? 0),
      schoolId: school,
      driverId: driver,
      words,
      conditions,
      overruleColumn: overrule,
      overruleReason: reason,
      seen: isSeen ? 'yes' : '',
    })
  }
  return (
    <Stack $gap={12} data-print="no">
      <Stack $gap={4}>
        <label htmlFor="own-words">{texts.yourOwnWords}</label>
        <AreaBox
          rows={4}
          id="own-words"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          maxLength={4000}
        />
      </Stack>
      <Stack $gap={4}>
        <label htmlFor="conditions">{texts.underWhichItHolds}</label>
        <InputBox
          id="conditions"
          value={conditions}
          onChange={(event) => setConditions(event.target.value)}
          placeholder={texts.forChangesWithinAYearNot}
          maxLength={600}
        />
      </Stack>
      <Row>
        <SelectMenu
          label={texts.putFirstAllTheSame}
          value={overrule}
          options={[{ value: '', label: texts.nobodyItStandsAsItIs }, ...namedOptions(products)]}
          onPick={setOverrule}
        />
      </Row>
      {overrule !== '' && (
        <Stack $gap={4}>
          <label htmlFor="overrule-reason">{texts.reasonToOverrule}</label>
          <InputBox
            id="overrule-reason"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            maxLength={600}
          />
        </Stack>
      )}
      {contradictions.length > 0 && (
        <label style={{ display: 'flex', gap: 10, alignItems: 'center', minHeight: 44 }}>
          <input type="checkbox" checked={isSeen} onChange={(event) => setIsSeen(event.target.checked)} />
          <span>{texts.iHaveSeenItAndPublish(contradictions.join(' '))}</span>
        </label>
      )}
      <ErrorText role="alert">{refusal}</ErrorText>
      <SavedMeanwhileList values={meanwhile?.values} />
      <Row>
        <Button $kind="primary" onPress={() => post('save')}>
          {texts.keep}
        </Button>
        <Button onPress={() => post('publish')}>{texts.publishAsItIs}</Button>
        <Small role="status">{isTaken && texts.kept}</Small>
      </Row>
    </Stack>
  )
}
