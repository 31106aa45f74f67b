import { useState } from 'react'
import { href, Link } from 'react-router'
import { newId } from '#app/data/id.ts'
import type { ReviewVersion } from '#app/data/reviews.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { Day } from '#app/ui/Day.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { AreaBox, InputBox } from '#app/ui/inputs.tsx'
import { Row, Small, Soft, Stack } from '#app/ui/layout.tsx'

interface Props {
  application: string
  review: string
  version: number
  versions: readonly ReviewVersion[]
  /** So many checks stand against it. */
  open: number
  isKept: boolean
}

/** Publishes a review as it stands, for good; what was published, with the day of each correction. */
export function PublishPanel({ application, review, version, versions, open, isKept }: Props) {
  const { send, refusal, isIdle, isTaken } = useAction()
  const [correction, setCorrection] = useState('')
  const [reason, setReason] = useState('')
  const [newest] = versions
  const number = (newest?.number ?? 0) + 1
  const [form, setForm] = useState({ id: newId(), number })
  // What was published is done with: the form begins anew.
  if (form.number !== number) {
    setForm({ id: newId(), number })
    setCorrection('')
    setReason('')
  }
  const publish = () =>
    send({ intent: 'publish', id: form.id, version: String(version), number: String(number), correction, reason })
  return (
    <Stack $gap={12}>
      {newest && (
        <Stack $gap={4}>
          <label htmlFor="correction">{texts.whatIsCorrected}</label>
          <AreaBox
            id="correction"
            rows={2}
            value={correction}
            maxLength={2000}
            onChange={(event) => setCorrection(event.target.value)}
          />
          <Small>{texts.itStandsOnTopWithIts}</Small>
        </Stack>
      )}
      {open > 0 && (
        <Stack $gap={4}>
          <label htmlFor="all-the-same">{texts.whyItIsPublishedAllThe}</label>
          <InputBox
            id="all-the-same"
            value={reason}
            maxLength={600}
            onChange={(event) => setReason(event.target.value)}
          />
          <Small>{texts.checksSpeakAgainstItThatYou(open)}</Small>
        </Stack>
      )}
      <ErrorText role="alert">{refusal}</ErrorText>
      <Row>
        <Button $kind="primary" onPress={publish} isDisabled={!isKept || !isIdle}>
          {newest ? texts.publishVersion(number) : texts.publishAsItIs}
        </Button>
        <Small role="status">{isTaken && texts.published2}</Small>
      </Row>
      {versions.length === 0 ? (
        <Soft>{texts.itWasNeverPublished}</Soft>
      ) : (
        <ul aria-label={texts.versions} style={{ margin: 0, paddingLeft: 20 }}>
          {versions.map((one) => (
            <li key={one.id}>
              <Link
                to={href('/lineups/:application/review/:review/published/:number?', {
                  application,
                  review,
                  number: String(one.number),
                })}
              >
                {texts.versionOfNumber(one.number)} <Day of={one.publishedAt} />
              </Link>{' '}
              <Small>{texts.method(one.method, one.hash.slice(0, 12), one.correction && ` · ${one.correction}`)}</Small>
            </li>
          ))}
        </ul>
      )}
    </Stack>
  )
}
