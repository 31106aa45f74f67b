import { useState } from 'react'
import { subjectKinds, type SubjectKind } from '#core/review/block.ts'
import { columnName } from '#app/data/column-name.ts'
import { newId } from '#app/data/id.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/review.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Row, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  engine: string
  columns: readonly EvaluatedColumn[]
}

/** Begins a review: about the engine, about two products, or about two revisions of one. */
export function NewReviewForm({ engine, columns }: Props) {
  const { send, refusal, isIdle } = useAction()
  const [id] = useState(newId)
  const [subject, setSubject] = useState<SubjectKind>('engine')
  const [a, setA] = useState('')
  const [b, setB] = useState('')
  const [title, setTitle] = useState('')
  const revised = columns.filter(({ productId }) => columns.filter((one) => one.productId === productId).length > 1)
  const first = subject === 'revisions' ? revised : columns
  const product = columns.find((one) => one.id === a)?.productId
  const second = first.filter((one) => one.id !== a && (subject === 'pair' || one.productId === product))
  const nameOf = (of: string) => columnName(columns.find((one) => one.id === of))
  const named =
    subject === 'engine' || a === '' || b === '' ? texts.oilFiltersForThe(engine) : texts.or(nameOf(a), nameOf(b))
  const optionsOf = (those: readonly EvaluatedColumn[]) => [
    { value: '', label: 'choose' },
    ...those.map((one) => ({ value: one.id, label: columnName(one) })),
  ]
  const begin = () => send({ id, subject, a, b, title: title.trim() || named })
  return (
    <form
      onSubmit={(event) => (event.preventDefault(), begin())}
      aria-label={texts.beginAReview}
      style={{ maxWidth: 720 }}
    >
      <Stack $gap={10}>
        <Row>
          <SelectMenu
            label={texts.about}
            value={subject}
            options={subjectKinds.map(({ key, label }) => ({
              value: key,
              label,
              disabled: key === 'pair' ? columns.length < 2 : key === 'revisions' && revised.length < 2,
            }))}
            onPick={(key) => {
              setSubject(key as SubjectKind)
              setA('')
              setB('')
            }}
          />
          {subject !== 'engine' && (
            <>
              <SelectMenu name="The first of the two" value={a} options={optionsOf(first)} onPick={setA} />
              <SelectMenu name="The second of the two" value={b} options={optionsOf(second)} onPick={setB} />
            </>
          )}
        </Row>
        <Row>
          <InputBox
            aria-label={texts.title}
            value={title}
            placeholder={named}
            maxLength={160}
            onChange={(event) => setTitle(event.target.value)}
            style={{ flex: '1 1 320px' }}
          />
          <Button $kind="primary" type="submit" isDisabled={!isIdle}>
            {texts.begin}
          </Button>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </form>
  )
}
