import { styled } from 'styled-components'
import { revisionName } from '#app/data/column-name.ts'
import type { Revision } from '#app/data/products.server.ts'
import * as texts from '#app/texts/products.ts'

const Line = styled.ol`
  display: flex;
  gap: 0;
  margin: 0;
  padding: 0;
  overflow-x: auto;
  list-style: none;
  li {
    position: relative;
    flex: 1 0 140px;
    max-width: 280px;
    padding: 20px 14px 4px 0;
  }
  li::before {
    content: '';
    position: absolute;
    top: 8px;
    left: 0;
    right: 0;
    height: 2px;
    background: var(--line-strong);
  }
  li:last-child::before {
    right: 50%;
  }
  li::after {
    content: '';
    position: absolute;
    top: 2px;
    left: 0;
    width: 14px;
    height: 14px;
    border: 2px solid var(--green);
    border-radius: 50%;
    background: var(--card);
  }
  li[data-opened='yes']::after {
    background: var(--green);
  }
  strong {
    display: block;
    overflow-wrap: anywhere;
  }
  small {
    color: var(--ink-soft);
    font-size: 13px;
  }
`

interface Props {
  revisions: readonly Revision[]
  specimens: readonly { revisionId: string; label: string }[]
}

/** Revisions in their order, the oldest first: filled where a specimen of it was put on the bench. */
export function RevisionLine({ revisions, specimens }: Props) {
  return (
    <Line aria-label={texts.revisions}>
      {revisions.map(({ id, label, maker, makerEvidence }) => {
        const own = specimens.filter(({ revisionId }) => revisionId === id)
        const made =
          maker && `${maker}${makerEvidence === 'guessed' ? texts.madeItAGuess : texts.madeIt(makerEvidence)}`
        return (
          <li key={id} data-opened={own.length > 0 ? 'yes' : 'no'}>
            <strong>{revisionName(label)}</strong>
            <small>
              {own.length === 0
                ? texts.nothingOfItOnTheBench
                : texts.specimensOfOwnCount(own.length, own.map((one) => one.label).join(', '))}
              {made && ` · ${made}`}
            </small>
          </li>
        )
      })}
    </Line>
  )
}
