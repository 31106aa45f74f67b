import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import { formatKin } from '#core/kin/kin-finding.ts'
import { columnName } from '#app/data/column-name.ts'
import type { KinSoFar } from '#app/data/kin.server.ts'
import * as texts from '#app/texts/bench-reading.ts'
import type { Bench } from './useBench.ts'
import { useServerAnswer } from './useServerAnswer.ts'

const Line = styled.p`
  margin: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: 15px;
  color: var(--ink-soft);
`

/** The closest relative so far, in one quiet line. */
export function KinLine({ bench, specimen, revision }: { bench: Bench; specimen: string; revision: string }) {
  const soFar = useServerAnswer<KinSoFar | null>(href('/bench/:specimen/kin', { specimen }), bench.readings.length)
  if (!soFar) return null
  const { member, finding, rare, next } = soFar
  const words = [
    `${formatKin(finding).toLowerCase()}`,
    rare.length > 0 && `(${rare.join(', ').toLowerCase()})`,
    finding.kind !== 'build' && next && texts.willTellMore(next.toLowerCase()),
  ].filter(Boolean)
  const said = words.join(' ').replace(' ;', ';')
  return (
    <Line aria-label={texts.kinSoFar} title={texts.soFarLikeOfColumnName(columnName(member), said)}>
      {texts.soFarLike} <Link to={href('/kin/:a/:b', { a: revision, b: member.id })}>{columnName(member)}</Link>: {said}
    </Line>
  )
}
