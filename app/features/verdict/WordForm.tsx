import { getFormProps } from '@conform-to/react'
import { Form } from 'react-router'
import { absoluteWords, wordLabel, type ProposedWord } from '#core/verdict/absolute-word.ts'
import type { StoredWord } from '#app/data/absolute-words.server.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import { VersionedFields } from '#app/features/forms/VersionedFields.tsx'
import { wordSchema } from '#app/features/forms/word-fields.ts'
import * as texts from '#app/texts/absolute-words.ts'
import { Button } from '#app/ui/Button.tsx'
import { ChoiceBox, TextBox, TextLines } from '#app/ui/fields.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'

interface Props {
  id: string
  draft: StoredWord | undefined
  school: string
  driver: string
  proposed: ProposedWord | undefined
  result: ActionResult | undefined
}

/** The reviewer's own word, with what it holds under; what the rules say stands beside it and stays. */
export function WordForm({ id, draft, school, driver, proposed, result }: Props) {
  const [form, fields] = useSchemaForm(wordSchema, {
    result,
    values: {
      word: draft?.word ?? proposed?.word ?? '',
      interval: draft?.interval ?? '',
      oil: draft?.oil ?? '',
      duty: draft?.duty ?? '',
      position: draft?.position ?? '',
      reason: draft?.reason ?? '',
    },
  })
  return (
    <Card style={{ maxWidth: 860 }}>
      <Form method="post" {...getFormProps(form)}>
        <Stack $gap={16}>
          <h2>{texts.yourWord}</h2>
          <input type="hidden" name="schoolId" value={school} />
          <input type="hidden" name="driverId" value={driver} />
          <VersionedFields form={form} id={id} version={draft?.version ?? 0} result={result}>
            <ChoiceBox
              field={fields.word}
              label={texts.theWord}
              options={absoluteWords.map(({ key }) => ({ value: key, label: wordLabel(key) }))}
              hint={absoluteWords.map(({ label, description }) => `${label}: ${description}`).join(' ')}
            />
            <Row $gap={16} style={{ alignItems: 'flex-start' }}>
              <TextBox
                field={fields.interval}
                label={texts.changedEvery}
                optional
                placeholder={texts.n8000KmOr12Months}
              />
              <TextBox field={fields.oil} label={texts.withTheOil} optional placeholder={texts.fullSynthetic} />
              <TextBox field={fields.duty} label={texts.duty} optional placeholder={texts.notForTowing} />
              <TextBox field={fields.position} label={texts.howItSits} optional placeholder={texts.uprightOnly} />
            </Row>
            <TextLines field={fields.reason} label={texts.why} />
          </VersionedFields>
          <Row>
            <Button type="submit" $kind="primary" name="intent" value="save">
              {texts.keep}
            </Button>
            <Button type="submit" name="intent" value="publish">
              {texts.publishThisWord}
            </Button>
            <Small role="status">{result?.ok && texts.kept}</Small>
          </Row>
        </Stack>
      </Form>
    </Card>
  )
}
