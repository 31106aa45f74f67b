import { useEffect, useRef } from 'react'
import { styled } from 'styled-components'
import type { Problem } from '#core/result.ts'
import { Chip, Chips } from './chips.tsx'
import type { ReadingEntry } from './useReadingEntry.ts'

const Box = styled.div`
  display: grid;
  gap: 10px;
  padding: 10px 12px;
  background: var(--red-soft);
  border-left: 4px solid var(--red);
  border-radius: 0 6px 6px 0;
`

/** What is wrong with an entry, and the ways to mend it; the first of them is one key away. */
export function ProblemBox({ entry, refusal }: { entry: ReadingEntry; refusal: string | undefined }) {
  const { text, choices, submit, correct } = entry
  const first = useRef<HTMLButtonElement>(null)
  const refused: Problem | undefined = refusal === undefined ? undefined : { code: 'refused', message: refusal }
  const problem = entry.problem ?? refused
  const suggestions = problem?.suggestions ?? []
  const canInsist = problem?.code === 'implausible'

  useEffect(() => {
    if (entry.problem) first.current?.focus()
  }, [entry.problem])

  return (
    <div id="reading-trouble" role="alert">
      {problem && (
        <Box>
          <span>{problem.message}</span>
          {(suggestions.length > 0 || canInsist) && (
            <Chips>
              {suggestions.map(({ text: readAs, label }, index) => (
                <Chip
                  key={readAs}
                  type="button"
                  ref={index === 0 ? first : undefined}
                  onClick={() => submit(text, { readAs })}
                >
                  {label}
                </Chip>
              ))}
              {canInsist && (
                <Chip
                  type="button"
                  ref={suggestions.length > 0 ? undefined : first}
                  onClick={() => submit(text, { insist: true })}
                >
                  Keep {text.trim()} {/^[\d.,/\s½-]+$/.test(text) ? choices.unit : ''}
                </Chip>
              )}
              <Chip type="button" onClick={correct}>
                Correct it
              </Chip>
            </Chips>
          )}
        </Box>
      )}
    </div>
  )
}
