import { getFormProps } from '@conform-to/react'
import { Form } from 'react-router'
import { availabilities, formatAvailability } from '#core/money/availability.ts'
import type { StoredAvailability } from '#app/data/availability.server.ts'
import { revisionName } from '#app/data/column-name.ts'
import type { Revision } from '#app/data/products.server.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { availabilitySchema } from '#app/features/forms/availability-fields.ts'
import { RevisionField } from '#app/features/forms/RevisionField.tsx'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/prices.ts'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Card, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectField } from '#app/ui/Select.tsx'

interface Props {
  id: string
  today: string
  seen: readonly StoredAvailability[]
  revisions: readonly Revision[]
  result: ActionResult | undefined
}

/** How a product can be had: what was seen, latest first, and a form to add to it. */
export function AvailabilityCard({ id, today, seen, revisions, result }: Props) {
  const [form, fields] = useSchemaForm(availabilitySchema, {
    result,
    values: { seenOn: today, place: seen[0]?.place ?? '', status: '' },
  })
  return (
    <Card>
      <Stack $gap={12}>
        <h2>{texts.whereItCanBeHad}</h2>
        <Soft>{texts.halfTheAdviceTheBestFilter}</Soft>
        {seen.length > 0 && (
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            {seen.map((one) => (
              <li key={one.id}>
                <SeenLine seen={one} revisions={revisions} />
              </li>
            ))}
          </ul>
        )}
        <Form method="post" {...getFormProps(form)}>
          <input type="hidden" name="intent" value="availability" />
          <input type="hidden" name="id" value={id} />
          <Row $gap={16} style={{ alignItems: 'flex-start' }}>
            <SelectField
              field={fields.status}
              label={texts.itIs}
              options={availabilities.map(({ key, label }) => ({ value: key, label }))}
            />
            <TextBox field={fields.place} label={texts.where} optional placeholder={texts.theCountersOfThreeTowns} />
            <TextBox field={fields.seenOn} label={texts.seenOn} type="date" />
            <TextBox field={fields.source} label={texts.whoSaysSo} optional placeholder={texts.theDealerByTelephone} />
            <RevisionField field={fields.revisionId} revisions={revisions} />
          </Row>
          <Button type="submit" style={{ marginTop: 12 }}>
            {texts.addHowItCanBeHad}
          </Button>
        </Form>
      </Stack>
    </Card>
  )
}

function SeenLine({ seen, revisions }: { seen: StoredAvailability; revisions: readonly Revision[] }) {
  const revision = revisions.find(({ id }) => id === seen.revisionId)
  return (
    <Row $gap={10}>
      <span>
        {formatAvailability(seen)}
        {seen.source && ` (${seen.source})`}
        {revision && <Small> {revisionName(revision.label)}</Small>}
      </span>
      <Form method="post">
        <input type="hidden" name="id" value={seen.id} />
        <Button
          type="submit"
          name="intent"
          value="remove-availability"
          $kind="quiet"
          aria-label={texts.removeWhatWasSeenOn(seen.seenOn)}
        >
          {texts.remove}
        </Button>
      </Form>
    </Row>
  )
}
