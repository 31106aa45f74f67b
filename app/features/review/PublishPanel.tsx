import { useState } from 'react'
import { href, Link } from 'react-router'
import { formatCount } from '#core/quantity/format.ts'
import { newId } from '#app/data/id.ts'
import type { ReviewVersion } from '#app/data/reviews.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
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
          <label htmlFor="correction">What is corrected</label>
          <AreaBox
            id="correction"
            rows={2}
            value={correction}
            maxLength={2000}
            onChange={(event) => setCorrection(event.target.value)}
          />
          <Small>It stands on top, with its day. What was published before stays as it was.</Small>
        </Stack>
      )}
      {open > 0 && (
        <Stack $gap={4}>
          <label htmlFor="all-the-same">Why it is published all the same</label>
          <InputBox
            id="all-the-same"
            value={reason}
            maxLength={600}
            onChange={(event) => setReason(event.target.value)}
          />
          <Small>
            {formatCount(open, 'check speaks', 'checks speak')} against it; that you went on is kept with it.
          </Small>
        </Stack>
      )}
      <ErrorText role="alert">{refusal}</ErrorText>
      <Row>
        <Button $kind="primary" onPress={publish} isDisabled={!isKept || !isIdle}>
          {newest ? `Publish version ${number}` : 'Publish as it is'}
        </Button>
        <Small role="status">{isTaken && 'Published.'}</Small>
      </Row>
      {versions.length === 0 ? (
        <Soft>It was never published.</Soft>
      ) : (
        <ul aria-label="Versions" style={{ margin: 0, paddingLeft: 20 }}>
          {versions.map((one) => (
            <li key={one.id}>
              <Link
                to={href('/lineups/:application/review/:review/published/:number?', {
                  application,
                  review,
                  number: String(one.number),
                })}
              >
                Version {one.number}, <Day of={one.publishedAt} />
              </Link>{' '}
              <Small>
                method {one.method} · {one.hash.slice(0, 12)}
                {one.correction && ` · ${one.correction}`}
              </Small>
            </li>
          ))}
        </ul>
      )}
    </Stack>
  )
}
