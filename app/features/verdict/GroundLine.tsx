import { formatCall } from '#core/verdict/call.ts'
import { formatList } from '#core/quantity/format-list.ts'
import * as texts from '#app/texts/verdict.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

const grounds = {
  overall: { name: texts.overall, meaning: texts.allThatIsKnownOfAnybody },
  common: { name: texts.commonGround, meaning: texts.onlyWhatIsKnownOfAll },
} as const

/** What is judged on: all that is known of anybody, or only what is known of all; and what the other ground says. */
export function GroundLine({ judged }: { judged: EvaluationView }) {
  const { ground, beside, call, set, nameOf } = judged
  return (
    <Stack $gap={6} as="section" aria-label={texts.whatIsJudgedOn}>
      <Row $gap={8} role="group" aria-label={texts.judgedOn}>
        {(['overall', 'common'] as const).map((one) => (
          <Button
            key={one}
            aria-pressed={one === ground}
            $kind={one === ground ? 'primary' : 'plain'}
            onPress={() => set({ ground: one === 'common' ? 'common' : '' })}
          >
            {grounds[one].name}
          </Button>
        ))}
        <Small>{grounds[ground].meaning}</Small>
      </Row>
      {!beside ? (
        <Soft>{texts.lookingAtTheOtherGround}</Soft>
      ) : beside.kept.length === 0 ? (
        <Small>{texts.thereIsNoCommonGroundYet}</Small>
      ) : (
        <>
          <p>
            {beside.ground === 'common'
              ? texts.onCommonGroundOfCriteriaAre(beside.kept.length, beside.kept.length + beside.leftOut.length)
              : texts.overallLead}
            {beside.call ? formatCall(beside.call, nameOf) : texts.nobodyIsJudged}
            {call && beside.call && call.named[0]?.id !== beside.call.named[0]?.id && (
              <strong>{` ${texts.theTwoDisagreeWhatIsNotKnownOf}`}</strong>
            )}
          </p>
          {beside.leftOut.length > 0 && (
            <details>
              <summary style={{ minHeight: 32, cursor: 'pointer' }}>
                {texts.criteriaAreNotKnownOfAll(beside.leftOut.length)}
              </summary>
              <Small>{formatList(beside.leftOut, 'conjunction')}.</Small>
            </details>
          )}
        </>
      )}
    </Stack>
  )
}
