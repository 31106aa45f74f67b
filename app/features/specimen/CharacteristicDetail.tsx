import { href, Link } from 'react-router'
import type { Characteristic } from '#core/catalogue/index.ts'
import type { UnitSpread } from '#core/compare/unit-spread.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import type { ResolvedValueView } from '#app/data/view-models.ts'
import * as texts from '#app/texts/specimen.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Card, Caution, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { formatResolvedValue } from './format-resolved-value.ts'
import { LargeValue, unitSpreadText } from './LargeValue.tsx'
import { ReadingsTable } from './ReadingsTable.tsx'

interface Props {
  characteristic: Characteristic
  specimen: Specimen
  spread: UnitSpread
  readings: Reading[]
  resolved: ResolvedValueView | undefined
}

/** A characteristic opened: what it is, how it is taken, and every reading of it. */
export function CharacteristicDetail({ characteristic, specimen, spread, readings, resolved }: Props) {
  const { units: system } = usePreferences()
  const onBench = `${href('/bench/:specimen', { specimen: specimen.id })}?at=${characteristic.key}`
  return (
    <>
      <Card>
        <Stack>
          {resolved ? (
            <>
              <LargeValue>{formatResolvedValue(resolved, system)}</LargeValue>
              <Small>
                <EvidenceGlyph evidence={resolved.evidence} word />
                {texts.fromReadings(resolved.readings)}
                {resolved.disagree && texts.theyDoNotAgreeTakeAnother}.{' '}
                {resolved.number && resolved.number.halfWidth > 0 && unitSpreadText(spread)}
              </Small>
            </>
          ) : (
            <Caution>
              {texts.missing} <Link to={onBench}>{texts.recordItOnTheBench}</Link>.
            </Caution>
          )}
          <p>{characteristic.how}</p>
          <p>
            <Soft>{`${texts.why} `}</Soft>
            {characteristic.why}
          </p>
        </Stack>
      </Card>
      <Card>
        <Stack>
          <h2>{texts.readings}</h2>
          <ReadingsTable characteristic={characteristic} readings={readings} outliers={resolved?.outliers ?? []} />
          <div>
            <Link to={onBench}>{texts.toThisReadingOnTheBench}</Link>
          </div>
        </Stack>
      </Card>
    </>
  )
}
