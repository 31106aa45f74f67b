import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { characteristicOf } from '#core/catalogue/index.ts'
import type { Finding } from '#core/figures/findings.ts'
import * as texts from '#app/texts/specimen.ts'
import { Caution } from '#app/ui/layout.tsx'

const Item = styled(Caution)`
  display: grid;
  gap: 4px;
  a {
    font-weight: 600;
  }
`

/** Contradictions among readings, each with the reading to take again. */
export function FindingList({ findings, specimen }: { findings: Finding[]; specimen: string }) {
  return findings.map(({ key, message, advice, culprit }) => (
    <Item key={key} as="div">
      <strong>{message}</strong>
      <span>{advice}</span>
      <Link to={`${href('/bench/:specimen', { specimen })}?at=${culprit}`}>
        {texts.takeAgain(characteristicOf(culprit).label)}
      </Link>
    </Item>
  ))
}
