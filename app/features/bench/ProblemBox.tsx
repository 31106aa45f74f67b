import { useEffect, useRef } from 'react'
import { styled } from 'styled-components'
import type { Problem } from '#core/result.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Chip, Chips } from './chips.tsx'
import type { Bench } from './useBench.ts'
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
export function ProblemBox({
  bench,
  entry,
  refusal,
}: {
  bench: Bench
  entry: ReadingEntry
  refusal: string | undefined
}) {
  const { text, choices, submit, correct } = entry
  const first = useRef<HTMLButtonElement>(null)
  const refused: Problem | undefined = refusal === undefined ? undefined : { code: 'refused', message: refusal }
  const problem = entry.problem ?? refused
  const suggestions = problem?.suggestions ?? []
  const canInsist = problem?.code === 'implausible'
  const isFar = problem?.code === 'far-repeat'

  useEffect(() => {
    if (entry.problem) first.current?.focus()
  }, [entry.problem])

  return (
    <div id="reading-trouble" role="alert">
      {problem && (
        <Box
          onKeyDown={(event) => {
            const answer = isFar
              ? farAnswers(entry, bench).find(({ key }) => key === event.key.toLowerCase())
              : undefined
            if (!answer) return
            event.preventDefault()
            event.stopPropagation()
            answer.act()
          }}
        >
          <span>{problem.message}</span>
          {isFar && (
            <Chips>
              {farAnswers(entry, bench).map(({ key, label, act }, index) => (
                <Chip
                  key={key}
                  type="button"
                  ref={index === 0 ? first : undefined}
                  onClick={act}
                  aria-keyshortcuts={key}
                >
                  {label} <kbd>{key.toUpperCase()}</kbd>
                </Chip>
              ))}
            </Chips>
          )}
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
                  {texts.keepOfText(text.trim(), /^[\d.,/\s½-]+$/.test(text) ? choices.unit : '')}
                </Chip>
              )}
              <Chip type="button" onClick={correct}>
                {texts.correctIt}
              </Chip>
            </Chips>
          )}
        </Box>
      )}
    </div>
  )
}

/** What a repeat that is far from the first may mean, one key each. */
function farAnswers({ text, characteristic, submit, setText, correct }: ReadingEntry, { values, strike }: Bench) {
  const instead = () => {
    for (const { id } of values.get(characteristic.key)?.readings ?? []) strike(id)
    submit(text, { insist: true })
  }
  return [
    { key: 'o', label: texts.theOldOneLeaveThis, act: () => (setText(''), correct()) },
    { key: 'n', label: texts.theNewOneStrikeWhatWas, act: instead },
    { key: 'b', label: texts.bothItDiffersFromPlaceTo, act: () => submit(text, { insist: true }) },
  ]
}
