import { styled } from 'styled-components'
import { evidenceClasses } from '#core/catalogue/index.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { InputBox } from '#app/ui/inputs.tsx'
import { Small } from '#app/ui/layout.tsx'
import { Chip } from './chips.tsx'
import type { ReadingChoices } from './useReadingChoices.ts'

const Classes = styled.div`
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 6px;
  button {
    display: grid;
    justify-items: center;
    align-content: center;
    padding: 4px 2px;
    font-size: 15px;
    line-height: 1.1;
  }
`

/** How a reading is known; where it was read, when it is claimed. */
export function EvidencePicker({ choices }: { choices: ReadingChoices }) {
  const { evidence, source, setEvidence, setSource } = choices
  return (
    <>
      <Classes role="group" aria-label={texts.howYouKnowIt}>
        {evidenceClasses.map(({ key, label, glyph, description }) => (
          <Chip
            key={key}
            type="button"
            title={description}
            aria-pressed={key === evidence}
            onClick={() => setEvidence(key)}
          >
            <span aria-hidden>{glyph}</span>
            {label}
          </Chip>
        ))}
      </Classes>
      {(evidence === 'claimed' || evidence === 'reported') && (
        <label htmlFor="reading-source">
          <Small>{evidence === 'claimed' ? texts.readWhere : texts.byWhomInGeneralWordsAnd}</Small>
          <InputBox
            style={{ width: '100%' }}
            id="reading-source"
            data-elsewhere
            value={source}
            onChange={(event) => setSource(event.target.value)}
            maxLength={200}
            placeholder={evidence === 'claimed' ? texts.boxSidePanel : texts.viewers3OfAbout20}
          />
        </label>
      )}
    </>
  )
}
