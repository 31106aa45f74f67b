import { styled } from 'styled-components'
import { compareClaims, formatParticleSize } from '#core/claims/compare.ts'
import * as texts from '#app/texts/claims.ts'
import { Small } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { ClaimingProduct } from './claiming.ts'

const Matrix = styled(Table)`
  width: auto;
  th,
  td {
    padding: 4px 10px;
    text-align: center;
  }
  th[scope='row'] {
    text-align: left;
  }
  button {
    min-width: 44px;
    min-height: 36px;
    border: 1px solid transparent;
    border-radius: 6px;
    background: none;
    cursor: pointer;
    &:hover,
    &[aria-pressed='true'] {
      border-color: var(--line-strong);
      background: var(--green-soft);
    }
  }
`

const outcomes = {
  ahead: { glyph: '▲', words: 'ahead' },
  behind: { glyph: '▽', words: 'behind' },
  'at-least': { glyph: '△', words: texts.atLeastAsGood },
  same: { glyph: '=', words: texts.theSame },
  'at-most': { glyph: '▿', words: texts.atMostAsGood },
  'not-comparable': { glyph: '·', words: texts.cannotBeCompared },
}

interface Props {
  claiming: ClaimingProduct[]
  /** Particle size, m. */
  size: number
  a: string | undefined
  b: string | undefined
  onPick: (a: string, b: string) => void
}

/** Every pair of products at one particle size. */
export function PairMatrix({ claiming, size, a, b, onPick }: Props) {
  return (
    <details>
      <summary style={{ minHeight: 36, cursor: 'pointer', font: '600 17px/36px var(--label)' }}>
        {texts.allPairsAt(formatParticleSize(size))}
      </summary>
      <Small>{texts.rowAgainstColumnEachTestThat}</Small>
      <div style={{ overflowX: 'auto' }}>
        <Matrix>
          <thead>
            <tr>
              <td />
              {claiming.map(({ id, name }) => (
                <th key={id} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {claiming.map((one) => (
              <tr key={one.id}>
                <th scope="row">{one.name}</th>
                {claiming.map((other) => {
                  if (one === other) return <td key={other.id} />
                  const said = compareClaims(one.points, other.points, size).map(({ outcome }) => outcomes[outcome])
                  const [glyph, words] = [
                    said.map((each) => each.glyph).join(' '),
                    said.map((each) => each.words).join(', '),
                  ]
                  return (
                    <td key={other.id}>
                      <button
                        type="button"
                        aria-pressed={one.id === a && other.id === b}
                        aria-label={`${glyph} ${one.name} against ${other.name}: ${words}`}
                        onClick={() => onPick(one.id, other.id)}
                      >
                        {glyph}
                      </button>
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </Matrix>
      </div>
    </details>
  )
}
