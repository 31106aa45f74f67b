import { evidenceClassOf, type Evidence } from '#core/catalogue/index.ts'
import { styled } from 'styled-components'

const Glyph = styled.span`
  display: inline-block;
  width: 1.1em;
  color: var(--ink-soft);
  text-align: center;
  &[data-evidence='inferred'] {
    color: var(--amber-ink);
    font-weight: 700;
  }
`

/** How a value came about: a glyph whose shape tells, with its word for those who ask or listen. */
export function EvidenceGlyph({ evidence, word = false }: { evidence: Evidence; word?: boolean }) {
  const { glyph, label, description } = evidenceClassOf(evidence)
  return (
    <span title={`${label}: ${description}`}>
      <Glyph data-evidence={evidence} role="img" aria-label={label}>
        {glyph}
      </Glyph>
      {word && <span> {label.toLowerCase()}</span>}
    </span>
  )
}
