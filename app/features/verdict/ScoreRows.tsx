import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { wordLabel } from '#core/verdict/absolute-word.ts'
import { standingOf } from '#core/verdict/call.ts'
import type { JudgedRevision } from '#core/verdict/judgement.ts'
import { useLineup } from '#app/features/lineup/useLineup.ts'
import * as texts from '#app/texts/score.ts'
import type { EvaluationView } from './useEvaluation.ts'
import { useProposedWords } from './useProposedWords.ts'

const Rows = styled.ul`
  display: grid;
  grid-template-columns: max-content minmax(120px, 1fr) max-content;
  gap: 0 14px;
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    display: grid;
    grid-column: 1 / -1;
    grid-template-columns: subgrid;
    align-items: center;
    min-height: 27px;
  }
  a {
    max-width: 210px;
    overflow: hidden;
    font: 600 15px/1.2 var(--label);
    text-align: right;
    text-overflow: ellipsis;
    text-decoration: none;
    white-space: nowrap;
    &:hover {
      text-decoration: underline;
    }
  }
  small {
    color: var(--ink-soft);
    font-size: 13px;
    white-space: nowrap;
  }
`

/** An axis of 0 to 100 in per cent of its width; a quarter apart there is a line. */
const Axis = styled.div`
  position: relative;
  height: 100%;
  min-height: 27px;
  background: repeating-linear-gradient(to right, var(--line) 0 1px, transparent 1px 25%);
  border-right: 1px solid var(--line);
`

const Spread = styled.div`
  position: absolute;
  top: calc(50% - 3px);
  height: 6px;
  border-radius: 3px;
  background: color-mix(in srgb, var(--green) 30%, var(--card));
`

const Dot = styled.div<{ $hollow: boolean; $fault: boolean }>`
  position: absolute;
  top: calc(50% - 6.5px);
  width: 13px;
  height: 13px;
  margin-left: -6.5px;
  border: 3px solid ${({ $fault }) => ($fault ? 'var(--red)' : 'var(--green)')};
  border-radius: 50%;
  background: ${({ $hollow }) => ($hollow ? 'var(--card)' : 'var(--green)')};
`

const Ticks = styled.div`
  display: flex;
  justify-content: space-between;
  color: var(--ink-soft);
  font-size: 12px;
`

/** Everybody on one axis of scores with the width that each still has; a fault is red, who is behind is hollow. */
export function ScoreRows({ judged }: { judged: EvaluationView }) {
  const { application, evaluation } = useLineup()
  const proposedOf = useProposedWords(judged)
  const { ranked, call, nameOf, query } = judged
  const ownWord = (id: string) => evaluation.columns.find((column) => column.id === id)?.word?.word
  const isNamed = (id: string) => call !== undefined && standingOf(call, id) !== 'behind'
  const wordOf = ({ id }: JudgedRevision) => {
    const word = ownWord(id) ?? proposedOf(id)?.word
    return word && shortWords[word]
  }
  return (
    <Rows aria-label={texts.scores}>
      {ranked.map((one) => {
        const { id, chances, score } = one
        const [low, high] = [Math.max(0, chances.low), Math.min(100, chances.high)]
        const half = Math.round((chances.high - chances.low) / 2)
        const address = href('/lineups/:application/score/:column', { application: application.id, column: id })
        return (
          <li key={id}>
            <Link to={`${address}${query}`} title={nameOf(id)}>
              {nameOf(id)}
            </Link>
            <Axis aria-hidden>
              <Spread style={{ left: `${low}%`, width: `${high - low}%` }} />
              <Dot
                $hollow={!isNamed(id)}
                $fault={score.fatalFaults.length > 0}
                style={{ left: `${Math.min(100, Math.max(0, chances.mean))}%` }}
              />
            </Axis>
            <small>{[`${Math.round(chances.mean)} ± ${half}`, wordOf(one)].filter(Boolean).join(' · ')}</small>
          </li>
        )
      })}
      <li aria-hidden>
        <span />
        <Ticks>
          {[0, 25, 50, 75, 100].map((tick) => (
            <span key={tick}>{tick}</span>
          ))}
        </Ticks>
      </li>
    </Rows>
  )
}

const shortWords = {
  never: wordLabel('never').toLowerCase(),
  pinch: wordLabel('pinch').toLowerCase(),
  sound: 'sound',
  own: texts.whatIWouldRun,
}
