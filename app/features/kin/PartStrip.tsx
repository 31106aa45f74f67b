import { styled } from 'styled-components'
import { kinParts } from '#core/kin/kin-parts.ts'
import { formatOdds, shareWord, shareWords, type ShareWord } from '#core/kin/kin-finding.ts'
import type { SharedParts } from '#app/data/kin.server.ts'
import { Unseen } from '#app/ui/layout.tsx'
import { WordChips } from '#app/ui/WordChips.tsx'

const List = styled(WordChips)`
  li[data-share='same'],
  li[data-share='likely'] {
    border-color: var(--green);
    background: var(--green-soft);
  }
  li[data-share='unlikely'],
  li[data-share='other'] {
    border-color: var(--amber);
    background: var(--amber-soft);
  }
  li[data-share='open'] {
    border-style: dashed;
  }
  li[data-share='unknown'] {
    border-style: dotted;
    font-weight: 500;
  }
`

export const shareGlyphs: Readonly<Record<ShareWord, string>> = {
  same: '=',
  likely: '≈',
  open: '?',
  unlikely: '≉',
  other: '≠',
  unknown: '·',
}

/** Which parts two filters share, part by part, differing ones lit. */
export function PartStrip({ shared, label }: { shared: SharedParts; label: string }) {
  return (
    <List aria-label={label}>
      {kinParts.map(({ key, label: part, of }, at) => {
        const share = shared[at] ?? null
        const word = shareWord(share ?? NaN)
        if (of === 'box' || word === 'unknown') return null
        return (
          <li key={key} data-share={word} title={share === null ? undefined : formatOdds(share)}>
            <span aria-hidden>{shareGlyphs[word]} </span>
            {part}
            <Unseen>: {shareWords[word]}</Unseen>
          </li>
        )
      })}
    </List>
  )
}
