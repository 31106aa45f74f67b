import { formatProposedWord, type ProposedWord } from '#core/verdict/absolute-word.ts'
import * as texts from '#app/texts/absolute-words.ts'
import { Small, Stack } from '#app/ui/layout.tsx'

/** What the rules propose, how sure it is, why, and under what it holds. */
export function ProposedWordText({ proposed }: { proposed: ProposedWord | undefined }) {
  if (!proposed) return <p>{texts.nothingIsKnownOfItYet}</p>
  const { grounds, condition } = proposed
  return (
    <Stack $gap={4}>
      <p style={{ font: '600 24px/1.2 var(--label)' }}>{formatProposedWord(proposed)}</p>
      {grounds.map((ground) => (
        <p key={ground}>{ground}</p>
      ))}
      {condition && <Small>{texts.holds(condition)}</Small>}
    </Stack>
  )
}
