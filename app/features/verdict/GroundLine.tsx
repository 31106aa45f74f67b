import { formatCall } from '#core/verdict/call.ts'
import { formatCount } from '#core/quantity/format.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import type { EvaluationView } from './useEvaluation.ts'

const grounds = {
  overall: { name: 'Overall', meaning: 'all that is known of anybody, what is open drawn from what such filters have' },
  common: { name: 'Common ground', meaning: 'only what is known of all' },
} as const

/** What is judged on: all that is known of anybody, or only what is known of all; and what the other ground says. */
export function GroundLine({ judged }: { judged: EvaluationView }) {
  const { ground, beside, call, set, nameOf } = judged
  return (
    <Stack $gap={6} as="section" aria-label="What is judged on">
      <Row $gap={8} role="group" aria-label="Judged on">
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
        <Soft>Looking at the other ground …</Soft>
      ) : beside.kept.length === 0 ? (
        <Small>There is no common ground yet: no criterion is known of all.</Small>
      ) : (
        <>
          <p>
            {beside.ground === 'common'
              ? `On common ground (${beside.kept.length} of ${beside.kept.length + beside.leftOut.length} ` +
                'criteria are known of all): '
              : 'Overall: '}
            {beside.call ? formatCall(beside.call, nameOf) : 'nobody is judged.'}
            {call && beside.call && call.named[0]?.id !== beside.call.named[0]?.id && (
              <strong> The two disagree: what is not known of all counts overall, and not on common ground.</strong>
            )}
          </p>
          {beside.leftOut.length > 0 && (
            <details>
              <summary style={{ minHeight: 32, cursor: 'pointer' }}>
                {formatCount(beside.leftOut.length, 'criterion is', 'criteria are')} not known of all
              </summary>
              <Small>{formatList(beside.leftOut, 'conjunction')}.</Small>
            </details>
          )}
        </>
      )}
    </Stack>
  )
}
