import { useState } from 'react'
import { href } from 'react-router'
import type { School } from '#core/score/schools.ts'
import { meanwhileOf } from '#app/features/forms/action-result.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/method.ts'
import { Button, ButtonLink } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { AreaBox, InputBox } from '#app/ui/inputs.tsx'
import { SavedMeanwhileList } from '#app/ui/SavedMeanwhile.tsx'
import { Card, Row, Stack } from '#app/ui/layout.tsx'

interface Props {
  id: string
  isNew: boolean
  version: number | undefined
  /** With the weights and value functions as they were typed. */
  school: School
  isValid: boolean
}

/** Name and belief of a school, to save with its weights. */
export function SchoolForm({ id, isNew, version, school, isValid }: Props) {
  const [name, setName] = useState(school.name)
  const [description, setDescription] = useState(school.description)
  const { send, refusal, result } = useAction()
  const meanwhile = meanwhileOf(result)
  const save = () =>
    send({
      id,
      ...(version !== undefined && { version: String(meanwhile?.version ?? version) }),
      name,
      description,
      weights: JSON.stringify(school.weights),
      valueFunctions: JSON.stringify(school.valueFunctions),
      mustHaves: JSON.stringify(school.mustHaves ?? {}),
    })
  return (
    <Card>
      <Stack $gap={14}>
        <Stack $gap={4}>
          <label htmlFor="school-name">{texts.name}</label>
          <InputBox id="school-name" value={name} onChange={(event) => setName(event.target.value)} maxLength={60} />
        </Stack>
        <Stack $gap={4}>
          <label htmlFor="school-description">{texts.whatItHoldsInTwoSentences}</label>
          <AreaBox
            id="school-description"
            value={description}
            onChange={(event) => setDescription(event.target.value)}
            maxLength={400}
            rows={3}
          />
        </Stack>
        <ErrorText role="alert">{refusal}</ErrorText>
        <SavedMeanwhileList values={meanwhile?.values} />
        <Row>
          <Button $kind="primary" isDisabled={!isValid} onPress={save}>
            {texts.saveTheSchool}
          </Button>
          <ButtonLink to={href('/schools')} $kind="quiet">
            {texts.back}
          </ButtonLink>
          {!isNew && (
            <Button $kind="danger" onPress={() => send({ intent: 'remove', id })}>
              {texts.removeIt}
            </Button>
          )}
        </Row>
      </Stack>
    </Card>
  )
}
