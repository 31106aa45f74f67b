import { Link } from 'react-router'
import type { Sentence } from '#core/verdict/summary.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import { contributionAddress } from '#app/features/verdict/contribution-address.ts'
import * as texts from '#app/texts/face-off.ts'
import { Small, Stack } from '#app/ui/layout.tsx'

/** The face-off in plain sentences, each with what it rests on. */
export function InShort({ sentences }: { sentences: Sentence[] }) {
  const { application } = useLineup()
  return (
    <section aria-label={texts.inShort}>
      <Stack $gap={4}>
        {sentences.map(({ text, contributions }) => (
          <p key={text}>
            {text}{' '}
            {contributions.map((contribution, index) => (
              <Small key={contribution.criterion.key}>
                {index > 0 && ', '}
                <Link to={contributionAddress(contribution, application.id)}>
                  {contribution.criterion.label.toLowerCase()}
                </Link>
              </Small>
            ))}
          </p>
        ))}
      </Stack>
    </section>
  )
}
