import { formatCell } from '#core/compare/format-cell.ts'
import { formatNumber } from '#core/quantity/format.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { CounterfeitSign } from '#core/kin/counterfeit-signs.ts'
import { revisionName } from '#app/data/column-name.ts'
import type { SpecimenSigns } from '#app/data/known-good.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
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
    <Card aria-label="Is it what the box says">
      <Stack $gap={10}>
        <h2>Is it what the box says?</h2>
        <Soft>
          It takes a specimen that is known to be good, from the engine maker&apos;s own counter say: mark it, and the
          others of its revision are set beside it, by box, print, marks and sizes.
        </Soft>
        {several.map(({ id, label, revision, isGood, beside, signs }) => (
          <Stack key={id} $gap={4} as="section" aria-label={`Specimen ${label}`}>
            <Row $between>
              <span>
                <strong>{label}</strong> <Small>{revisionName(revision)}</Small>
                {isGood && ' · known to be good'}
              </span>
              <Button
                isDisabled={!isIdle}
                onPress={() => send({ intent: 'good', specimen: id, is: isGood ? '' : 'yes' })}
              >
                {isGood ? `${label} is not known to be good` : `Mark ${label} as known to be good`}
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
  if (signs.length === 0) return <Small>No sign: all that was recorded of both agrees.</Small>
  return (
    <Caution>
      Asks for a check with the seller: {signs.map((sign) => signText(sign, units)).join('; ')}. Makers change boxes and
      plants too: a sign is no proof.
    </Caution>
  )
}

const signText = ({ key, label, own, good, times }: CounterfeitSign, units: UnitHabit): string => {
  const out = times === undefined ? '' : `, ${formatNumber(times, 2)} times what two units differ by`
  const [mine, other] = [formatCell(key, own, units), formatCell(key, good, units)]
  return `${label.toLowerCase()} ${mine.toLowerCase()} where the good one has ${other.toLowerCase()}${out}`
}
