import { href, Link } from 'react-router'
import { formatOutcome } from '#core/verdict/format-outcome.ts'
import { formatChance } from '#core/verdict/call.ts'
import type { NextReading } from '#core/verdict/next-reading.ts'
import { formatNumber } from '#core/quantity/format.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/how-sure.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { attributeAddress } from './attribute-address.ts'
import { ReasonList } from './list.ts'
import { ProductsKnown } from './ProductsKnown.tsx'
import type { EvaluationView } from './useEvaluation.ts'

/** The readings that would settle most for the minutes they take, and what each outcome would decide. */
export function NextReadingsCard({ judged }: { judged: EvaluationView }) {
  const { next, ranked, nameOf } = judged
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.whatToMeasureNext}</h2>
        {ranked.length < 2 ? (
          <Soft>{texts.itTakesTwoThatAreJudged}</Soft>
        ) : !next ? (
          <Soft>{texts.weighingWhatIsOpen}</Soft>
        ) : next.length === 0 ? (
          <p>{texts.noSingleReadingThatIsOpen}</p>
        ) : (
          next.map((reading) => (
            <Proposal key={`${reading.column} ${reading.criterion}`} reading={reading} nameOf={nameOf} />
          ))
        )}
        {ranked.length > 0 && (
          <>
            <h3>{texts.whatEachIsJudgedOn}</h3>
            <ProductsKnown judged={judged} />
          </>
        )}
      </Stack>
    </Card>
  )
}

function Proposal({ reading, nameOf }: { reading: NextReading; nameOf: (id: string) => string }) {
  const { application, evaluation } = useLineup()
  const { units: system } = usePreferences()
  const { column, label, gain, minutes, outcomes } = reading
  const specimen = evaluation.columns.find(({ id }) => id === column)?.specimenId ?? ''
  return (
    <section aria-label={texts.ofLabel(label, nameOf(column))}>
      <p style={{ font: '600 18px/1.3 var(--label)' }}>
        <Link to={nextReadingAddress(reading, application.id, specimen)}>{texts.ofLabel(label, nameOf(column))}</Link>{' '}
        <Small>{texts.aboutMinTheChanceOfNaming(formatNumber(minutes, 2), formatChance(gain))}</Small>
      </p>
      <ReasonList>
        {outcomes.map((outcome) => (
          <li key={outcome.least}>{formatOutcome(reading, outcome, nameOf, system)}</li>
        ))}
      </ReasonList>
    </section>
  )
}

/** Where a reading is taken: the bench at the first of what it takes, or where it is claimed or paid. */
export const nextReadingAddress = (
  { readings: [first], attribute }: Pick<NextReading, 'readings' | 'attribute'>,
  application: string,
  specimen: string,
): string =>
  first === undefined
    ? attributeAddress(attribute, application, specimen)
    : `${href('/bench/:specimen', { specimen })}?at=${first}`
