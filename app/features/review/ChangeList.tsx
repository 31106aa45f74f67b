import { styled } from 'styled-components'
import type { SectionChange } from '#core/review/review-version.ts'
import * as texts from '#app/texts/review.ts'
import { Small, Stack } from '#app/ui/layout.tsx'

const Lines = styled.ul`
  margin: 0;
  padding-left: 20px;
  overflow-wrap: anywhere;
  del {
    color: var(--ink-soft);
  }
  ins {
    text-decoration: none;
    font-weight: 600;
  }
`

/** So many lines of a section are shown. */
const shown = 8

/** What sections said and say: lines that are gone struck through, lines that have come in bold. */
export const ChangeList = ({ changes }: { changes: readonly SectionChange[] }) => (
  <Stack $gap={8}>
    {changes.map(({ title, gone, come }) => (
      <section key={title}>
        <strong>{title}</strong>
        <Lines>
          {gone.slice(0, shown).map((line) => (
            <li key={`gone ${line}`}>
              <del>{line}</del>
            </li>
          ))}
          {come.slice(0, shown).map((line) => (
            <li key={`come ${line}`}>
              <ins>{line}</ins>
            </li>
          ))}
        </Lines>
        {Math.max(gone.length, come.length) > shown && (
          <Small>{texts.andLinesMore(Math.max(gone.length, come.length) - shown)}</Small>
        )}
      </section>
    ))}
  </Stack>
)
