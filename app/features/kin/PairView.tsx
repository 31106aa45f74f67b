import { href, Link } from 'react-router'
import { systemOf } from '#core/quantity/unit-habit.ts'
import { formatChance } from '#core/verdict/call.ts'
import { kinFeatures } from '#core/kin/kin-features.ts'
import { formatKin, formatOdds } from '#core/kin/kin-finding.ts'
import { columnName } from '#app/data/column-name.ts'
import type { KinMember } from '#app/data/build-records.server.ts'
import type { KinPairView } from '#app/data/kin.server.ts'
import type { DrawingData } from '#app/drawing/data.ts'
import { FacingView } from '#app/drawing/FacingView.tsx'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { PairGrid } from './PairGrid.tsx'
import { PartStrip } from './PartStrip.tsx'
import { SwapCard } from './SwapCard.tsx'

interface Props {
  pair: KinPairView
  drawings: { a: DrawingData; b: DrawingData }
}

/** How two filters hang together: the sentence first, then what speaks for it and against, part by part. */
export function PairView({ pair, drawings }: Props) {
  const { units } = usePreferences()
  const { a, b, finding, shared, next, grounds } = pair
  const names = { a: columnName(a), b: columnName(b) }
  return (
    <Stack $gap={16}>
      <FacingView
        a={{ name: names.a, data: drawings.a }}
        b={{ name: names.b, data: drawings.b }}
        width={1152}
        height={236}
        unit={systemOf(units) === 'metric' ? 'mm' : 'in'}
        title={`${names.a} above and ${names.b} below the axis, to one scale`}
      />
      <Card aria-label="What can be said">
        <Stack $gap={8}>
          <h2>{formatKin(finding)}</h2>
          <span>
            {finding.kind === 'open'
              ? 'Nothing is likely enough to be said.'
              : `${formatChance(finding.chance)}, ${formatOdds(finding.chance)}. Said of their parts, never of ` +
                'who made them.'}
            {a.productId === b.productId && ' Two revisions of one product.'}
          </span>
          <PartStrip shared={shared} label="Parts of the two" />
          <InShort grounds={grounds} />
          {finding.kind !== 'build' && next.length > 0 && <RecordNext pair={pair} />}
        </Stack>
      </Card>
      <Card>
        <PairGrid pair={pair} names={names} />
        <Small>
          An agreement is worth as much as it is rare among all other filters; of what goes together only what speaks
          loudest counts. What was claimed, told or concluded from looks is left out.{' '}
          <Link to={`${href('/method')}#kin`}>How this is worked out</Link>
        </Small>
      </Card>
      <SwapCard key={`${a.id} ${b.id}`} pair={pair} names={names} />
    </Stack>
  )
}

const labelOf = new Map(kinFeatures.map(({ key, label }) => [key, label.toLowerCase()]))

/** So many of each kind are named. */
const mostNamed = 6

/** What agrees and is rare, what agrees as many do, and what differs. */
function InShort({ grounds }: Pick<KinPairView, 'grounds'>) {
  const kinds = [
    { words: 'Agrees and is rare', verdicts: ['rare'] },
    { words: 'Agrees, as many do', verdicts: ['common'] },
    { words: 'Differs', verdicts: ['rules out', 'differs'] },
  ]
  return kinds.map(({ words, verdicts }) => {
    const own = grounds.filter(({ verdict }) => verdicts.includes(verdict))
    if (own.length === 0) return null
    const named = own.slice(0, mostNamed).map(({ feature }) => labelOf.get(feature) ?? feature)
    const more = own.length - named.length
    return (
      <Small key={words}>
        {words}: {named.join(', ')}
        {more > 0 && ` and ${more} more`}.
      </Small>
    )
  })
}

/** What would tell more, a press away from where it is recorded. */
function RecordNext({ pair: { a, b, next } }: { pair: KinPairView }) {
  const lacking = (id: string): KinMember => (id === a.id ? a : b)
  return (
    <Soft>
      To tell more, record{' '}
      {next.map(({ feature, label, missingOf }, at) => (
        <span key={label}>
          {at > 0 && (at === next.length - 1 ? ' and ' : ', ')}
          {label.toLowerCase()}
          {' of '}
          {missingOf.map((id, of) => (
            <span key={id}>
              {of > 0 && ' and '}
              <Link to={`${href('/bench/:specimen', { specimen: lacking(id).specimenId })}?at=${feature}`}>
                {columnName(lacking(id))}
              </Link>
            </span>
          ))}
        </span>
      ))}
      .
    </Soft>
  )
}
