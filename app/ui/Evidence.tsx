import { evidenceOf, type Evidence } from '#core/catalogue/index.ts'
import { styled } from 'styled-components'

const Glyph = styled.span<{ $inferred: boolean }>`
  display: inline-block;
  width: 1.1em;
  color: ${({ $inferred }) => ($inferred ? 'var(--amber-ink)' : 'var(--ink-soft)')};
  font-weight: ${({ $inferred }) => ($inferred ? 700 : 400)};
  text-align: center;
`

/** How a value came about: a glyph whose shape tells, with its word for those who ask or listen. */
export function EvidenceGlyph({ evidence, word = false }: { evidence: Evidence; word?: boolean }) {
  const { glyph, label, says } = evidenceOf(evidence)
  return (
    <span title={`${label}: ${says}`}>
      <Glyph $inferred={evidence === 'inferred'} role="img" aria-label={label}>
        {glyph}
      </Glyph>
      {word && <span> {label.toLowerCase()}</span>}
    </span>
  )
}
