import { getFormProps } from '@conform-to/react'
import { Form } from 'react-router'
import type { Price } from '#core/money/landed.ts'
import type { VerdictStood } from '#app/data/product-dossier.server.ts'
import type { Revision } from '#app/data/products.server.ts'
import type { RevisionFacts as Facts } from '#app/data/revision-facts.server.ts'
import type { ActionResult } from '#app/features/forms/action-result.ts'
import { revisionSchema } from '#app/features/forms/product-fields.ts'
import { useSchemaForm } from '#app/features/forms/useSchemaForm.ts'
import * as texts from '#app/texts/products.ts'
import { Button } from '#app/ui/Button.tsx'
import { TextBox } from '#app/ui/fields.tsx'
import { Card, Row, Soft, Stack } from '#app/ui/layout.tsx'
import { MakerForm } from './MakerForm.tsx'
import { RevisionFacts } from './RevisionFacts.tsx'
import { RevisionLine } from './RevisionLine.tsx'
import { RevisionTimeline } from './RevisionTimeline.tsx'

interface Props {
  revisions: readonly Revision[]
  specimens: readonly { revisionId: string; label: string }[]
  facts: readonly Facts[]
  prices: readonly Price[]
  verdicts: readonly VerdictStood[]
  newRevision: string
  result: ActionResult | undefined
}

/** Revisions on a line, who made each, and a line for a new one. */
export function RevisionsCard({ revisions, specimens, facts, prices, verdicts, newRevision, result }: Props) {
  const [form, fields] = useSchemaForm(revisionSchema, { result, values: {} })
  return (
    <Card>
      <Stack $gap={14}>
        <h2>{texts.revisions}</h2>
        <RevisionLine revisions={revisions} specimens={specimens} />
        <RevisionFacts revisions={revisions} facts={facts} />
        <RevisionTimeline revisions={revisions} facts={facts} prices={prices} verdicts={verdicts} />
        <Soft>{texts.theSamePartNumberCanChange}</Soft>
        {revisions.map((revision) => (
          <MakerForm key={`${revision.id} ${revision.maker} ${revision.makerEvidence}`} revision={revision} />
        ))}
        <Soft>{texts.whoMadeItIsKeptWith}</Soft>
        <Form method="post" {...getFormProps(form)}>
          <input type="hidden" name="id" value={newRevision} />
          <Row style={{ alignItems: 'flex-end' }}>
            <TextBox field={fields.label} label={texts.newRevision} placeholder={texts.suffixCountryOrDateCode} />
            <Button type="submit">{texts.add}</Button>
          </Row>
        </Form>
      </Stack>
    </Card>
  )
}
