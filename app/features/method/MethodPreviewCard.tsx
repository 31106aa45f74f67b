import { useMemo, useState } from 'react'
import type { Criterion } from '#core/score/criterion.ts'
import { effectiveCriteria, type Method } from '#core/score/effective-criteria.ts'
import type { PreviewLineup } from '#app/data/preview-lineup.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import type { ParsedCriterionEdits } from '#app/features/verdict/criterion-edits.ts'
import { ScoreChangePreview } from '#app/features/verdict/ScoreChangePreview.tsx'
import * as texts from '#app/texts/method.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { InputBox } from '#app/ui/inputs.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { namedOptions, SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useAddress } from '#app/ui/useAddress.ts'

interface Props {
  /** Of the version that saving would make. */
  id: string
  method: Method
  before: readonly Criterion[]
  edits: ParsedCriterionEdits
  applications: { id: string; name: string }[]
  preview: PreviewLineup | undefined
}

/** What a change of the method would do to a line-up, and the button that keeps it. */
export function MethodPreviewCard({ id, method, before, edits, applications, preview }: Props) {
  const { weights, valueFunctions, problems } = edits
  const [note, setNote] = useState('')
  const { set } = useAddress()
  const { send, refusal } = useAction()
  const after = useMemo(
    () =>
      effectiveCriteria({
        ...method,
        weights: { ...method.weights, ...weights },
        valueFunctions: { ...method.valueFunctions, ...valueFunctions },
      }),
    [method, weights, valueFunctions],
  )
  const count = new Set([...Object.keys(weights), ...Object.keys(valueFunctions)]).size
  const save = () =>
    send({ id, note, weights: JSON.stringify(weights), valueFunctions: JSON.stringify(valueFunctions) })
  return (
    <Card>
      <Stack $gap={10}>
        <Row $between>
          <h2>{texts.whatItWouldDo}</h2>
          {preview && (
            <SelectMenu
              name="Seen on"
              value={preview.id}
              options={namedOptions(applications)}
              onPick={(on) => set({ on })}
            />
          )}
        </Row>
        <Small role="status">{count === 0 ? texts.nothingIsChangedYet : texts.criteriaChanged(count)}</Small>
        {preview && <ScoreChangePreview preview={preview} before={before} after={after} />}
        <Row>
          <InputBox
            aria-label={texts.whatWasChangedAndWhy}
            placeholder={texts.whatWasChangedAndWhy}
            value={note}
            onChange={(event) => setNote(event.target.value)}
            maxLength={200}
            style={{ flex: 1, minWidth: 240 }}
          />
          <Button $kind="primary" isDisabled={count === 0 || Object.keys(problems).length > 0} onPress={save}>
            {texts.saveAsVersion(method.version + 1)}
          </Button>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </Card>
  )
}
