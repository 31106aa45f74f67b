import { formatCell } from '#core/compare/format-cell.ts'
import { formatNumber } from '#core/quantity/format.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { CounterfeitSign } from '#core/kin/counterfeit-signs.ts'
import { revisionName } from '#app/data/column-name.ts'
import type { SpecimenSigns } from '#app/data/known-good.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/products.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Caution, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'

/** Whether each box is what it says: set beside a specimen that is known to be good. */
export function SignsCard({ specimens }: { specimens: readonly SpecimenSigns[] }) {
  const { send, isIdle, refusal } = useAction()
  const several = specimens.filter(({ revision }) => specimens.filter((one) => one.revision === revision).length > 1)
  if (several.length === 0) return null
  return (
    <Card aria-label={texts.isItWhatTheBoxSays}>
      <Stack $gap={10}>
        <h2>{texts.isItWhatTheBoxSays2}</h2>
        <Soft>{texts.itTakesASpecimenThatIs}</Soft>
        {several.map(({ id, label, revision, isGood, beside, signs }) => (
          <Stack key={id} $gap={4} as="section" aria-label={texts.specimenOfLabel(label)}>
            <Row $between>
              <span>
                <strong>{label}</strong> <Small>{revisionName(revision)}</Small>
                {isGood && texts.knownToBeGood}
              </span>
              <Button
                isDisabled={!isIdle}
                onPress={() => send({ intent: 'good', specimen: id, is: isGood ? '' : 'yes' })}
              >
                {isGood ? texts.isNotKnownToBeGood(label) : texts.markAsKnownToBeGood(label)}
              </Button>
            </Row>
            {!isGood && beside > 0 && <Signs signs={signs} />}
          </Stack>
        ))}
        <ErrorText role="alert">{refusal}</ErrorText>
      </Stack>
    </Card>
  )
}

function Signs({ signs }: { signs: readonly CounterfeitSign[] }) {
  const { units } = usePreferences()
  if (signs.length === 0) return <Small>{texts.noSignAllThatWasRecorded}</Small>
  return <Caution>{texts.asksForACheckWithThe(signs.map((sign) => signText(sign, units)).join('; '))}</Caution>
}

const signText = ({ key, label, own, good, times }: CounterfeitSign, units: UnitHabit): string => {
  const out = times === undefined ? '' : texts.timesWhatTwoUnitsDifferBy(formatNumber(times, 2))
  const [mine, other] = [formatCell(key, own, units), formatCell(key, good, units)]
  return `${label.toLowerCase()} ${mine.toLowerCase()} where the good one has ${other.toLowerCase()}${out}`
}
