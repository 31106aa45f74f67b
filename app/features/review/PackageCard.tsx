import { href } from 'react-router'
import { licences } from '#core/datapackage/descriptor.ts'
import { licenceSchema } from '#app/features/forms/licence-fields.ts'
import * as texts from '#app/texts/review.ts'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { useKept } from '#app/ui/useKept.ts'

const parseKept = (kept: unknown) => licenceSchema.safeParse(kept).data

/** All that is known of a line-up as tables that others can work with. */
export function PackageCard({ application }: { application: string }) {
  const [kept, keep] = useKept('licence', parseKept)
  const licence = kept?.licence ?? ''
  const path = href('/lineups/:application/data-package.zip', { application })
  return (
    <Card id="package">
      <Stack $gap={10}>
        <h2>{texts.theData}</h2>
        <Small>{texts.engineProductsSpecimensReadings}</Small>
        <Row>
          <Small>{texts.othersMayUseItBy}</Small>
          <SelectMenu
            name="Others may use it"
            value={licence}
            options={licences.map(({ key, label }) => ({ value: key, label }))}
            onPick={(next) => keep({ licence: next as typeof licence })}
          />
          <a href={licence === '' ? path : `${path}?${new URLSearchParams({ licence }).toString()}`} download>
            {texts.takeTheDataAway}
          </a>
        </Row>
      </Stack>
    </Card>
  )
}
