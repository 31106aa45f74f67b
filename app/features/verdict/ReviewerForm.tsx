import { useState } from 'react'
import { useFetcher } from 'react-router'
import { styled } from 'styled-components'
import { newId } from '#app/data/id.ts'
import type { Frozen, Verdict } from '#app/data/verdicts.server.ts'
import { Button } from '#app/ui/Button.tsx'
import { Fault } from '#app/ui/fields.tsx'
import { Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectBox } from '#app/ui/Select.tsx'

const Area = styled.textarea`
  width: 100%;
  min-height: 96px;
  padding: 10px 12px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
  resize: vertical;
`

const Line = styled.input`
  width: 100%;
  min-height: 44px;
  padding: 10px 12px;
  border: 1px solid var(--line-strong);
  border-radius: 8px;
  background: var(--raised);
`

interface Props {
  draft: Verdict | undefined
  school: string
  driver: string
  products: { id: string; name: string }[]
  frozen: Frozen
}

/** The reviewer's own words, and an overruling with its reason; publishing freezes the verdict as it is. */
export function ReviewerForm({ draft, school, driver, products, frozen }: Props) {
  const fetcher = useFetcher<{ fault: string; saved?: boolean }>()
  const [id] = useState(() => draft?.id ?? newId())
  const [words, setWords] = useState(draft?.words ?? '')
  const [overrule, setOverrule] = useState(draft?.overrule ?? '')
  const [reason, setReason] = useState(draft?.overruleReason ?? '')
  const post = (intent: 'save' | 'publish') => void fetcher.submit({ intent, id, school, driver, words, overrule, overruleReason: reason, frozen: JSON.stringify(frozen) }, { method: 'post' })
  return (
    <Stack $gap={12} data-print="no">
      <Stack $gap={4}>
        <label htmlFor="own-words">Your own words</label>
        <Area id="own-words" value={words} onChange={(event) => setWords(event.target.value)} maxLength={4000} />
      </Stack>
      <Row>
        <label>
          <Small>Put first all the same </Small>
          <SelectBox value={overrule} onChange={(event) => setOverrule(event.target.value)} aria-label="Put first all the same">
            <option value="">nobody: it stands as it is</option>
            {products.map((product) => (
              <option key={product.id} value={product.id}>
                {product.name}
              </option>
            ))}
          </SelectBox>
        </label>
      </Row>
      {overrule !== '' && (
        <Stack $gap={4}>
          <label htmlFor="overrule-reason">Reason to overrule</label>
          <Line id="overrule-reason" value={reason} onChange={(event) => setReason(event.target.value)} maxLength={600} />
        </Stack>
      )}
      <Fault role="alert">{fetcher.data?.fault}</Fault>
      <Row>
        <Button $kind="primary" onPress={() => post('save')}>
          Keep
        </Button>
        <Button onPress={() => post('publish')} isDisabled={frozen.ranking.length === 0}>
          Publish as it is
        </Button>
        <Small role="status">{fetcher.state === 'idle' && fetcher.data?.saved && 'Kept.'}</Small>
      </Row>
    </Stack>
  )
}
