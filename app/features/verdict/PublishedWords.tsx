import { wordLabel } from '#core/verdict/absolute-word.ts'
import type { StoredWord } from '#app/data/absolute-words.server.ts'
import { conditionOf } from '#app/data/word-condition.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import * as texts from '#app/texts/absolute-words.ts'
import { Day } from '#app/ui/Day.tsx'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft, Stack } from '#app/ui/layout.tsx'

/** Words as they were published, beside what the rules said that day. */
export function PublishedWords({ published }: { published: StoredWord[] }) {
  const { send } = useAction()
  if (published.length === 0) return <Soft>{texts.whatYouPublishWillStandHere}</Soft>
  return (
    <Stack $gap={18}>
      {published.map((one) => {
        const { id, word, reason, snapshot } = one
        const day = one.publishedAt?.slice(0, 10) ?? ''
        const condition = conditionOf(one)
        return (
          <Stack key={id} $gap={4} as="section" aria-label={texts.publishedOfDay(day)}>
            <h3>
              <Day of={one.publishedAt ?? ''} />: {wordLabel(word)}
            </h3>
            {condition && <p>{texts.holds(condition)}</p>}
            {reason && <p style={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{reason}</p>}
            <p>
              {texts.byTheRulesOfValue(snapshot?.proposed || texts.nothingWasKnown)} {snapshot?.grounds.join(' ')}
            </p>
            <Small>
              {snapshot?.school}
              {texts.forMethod(snapshot?.driver || texts.anybody)} {snapshot?.method}
              {texts.judgedOn} {snapshot?.judgedOn}; {snapshot?.disclosure}. {snapshot?.interest}
            </Small>
            <Row data-print="no">
              <Button
                $kind="quiet"
                aria-label={texts.withdrawTheWordOf(day)}
                onPress={() => send({ intent: 'remove', id })}
              >
                {texts.withdraw}
              </Button>
            </Row>
          </Stack>
        )
      })}
    </Stack>
  )
}
