import { claimLabel, gradeClaim } from '#core/claims/claim.ts'
import type { ReadClaim } from '#core/claims/read-claim.ts'
import * as texts from '#app/texts/claims.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { formatClaimParts } from './format-claim.ts'

interface Props {
  claims: readonly ReadClaim[]
  /** Places in the list that are not to be kept. */
  left: ReadonlySet<number>
  onToggle: (at: number) => void
}

/** What a pasted text became, claim by claim; what had to be guessed stands in amber. */
export const ReadClaims = ({ claims, left, onToggle }: Props) => (
  <Table aria-label={texts.whatItBecame}>
    <thead>
      <tr>
        <th scope="col">{texts.keep}</th>
        <th scope="col">{texts.claim}</th>
        <th scope="col">{texts.readAs}</th>
        <th scope="col">{texts.wordForWord}</th>
      </tr>
    </thead>
    <tbody>
      {claims.map(({ kind, words, parts, doubt }, at) => {
        const { grade, lacks } = gradeClaim({ kind, parts })
        return (
          <tr key={`${at} ${words}`} style={doubt ? { background: 'var(--amber-soft)' } : undefined}>
            <td>
              <label style={{ display: 'inline-flex', minWidth: 44, minHeight: 44, alignItems: 'center' }}>
                <input
                  type="checkbox"
                  aria-label={texts.keepOfClaimLabel(claimLabel(kind).toLowerCase(), words)}
                  checked={!left.has(at)}
                  onChange={() => onToggle(at)}
                />
              </label>
            </td>
            <td>
              {claimLabel(kind)}
              <br />
              <Small>
                {grade}
                {lacks.length > 0 && texts.lacksOfLacks(lacks.join(', '))}
              </Small>
            </td>
            <td>
              {formatClaimParts({ kind, parts })}
              {doubt && (
                <>
                  <br />
                  <Small>{texts.lookAgainOfDoubt(doubt)}</Small>
                </>
              )}
            </td>
            <td>{words}</td>
          </tr>
        )
      })}
    </tbody>
  </Table>
)
