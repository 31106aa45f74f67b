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
import * as texts from '#app/texts/kin.ts'
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
        title={texts.aboveAndBelowTheAxisTo(names.a, names.b)}
      />
      <Card aria-label={texts.whatCanBeSaid}>
        <Stack $gap={8}>
          <h2>{formatKin(finding)}</h2>
          <span>
            {finding.kind === 'open'
              ? texts.nothingIsLikelyEnoughToBe
              : texts.saidOfTheirPartsNeverOf(formatChance(finding.chance), formatOdds(finding.chance))}
            {a.productId === b.productId && texts.twoRevisionsOfOneProduct}
          </span>
          <PartStrip shared={shared} label={texts.partsOfTheTwo} />
          <InShort grounds={grounds} />
          {finding.kind !== 'build' && next.length > 0 && <RecordNext pair={pair} />}
        </Stack>
      </Card>
      <Card>
        <PairGrid pair={pair} names={names} />
        <Small>
          {texts.anAgreementIsWorthAsMuch} <Link to={`${href('/method')}#kin`}>{texts.howThisIsWorkedOut}</Link>
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
    { words: texts.agreesAndIsRare2, verdicts: ['rare'] },
    { words: texts.agreesAsManyDo2, verdicts: ['common'] },
    { words: texts.differs2, verdicts: [texts.rulesOut, 'differs'] },
  ]
  return kinds.map(({ words, verdicts }) => {
    const own = grounds.filter(({ verdict }) => verdicts.includes(verdict))
    if (own.length === 0) return null
    const named = own.slice(0, mostNamed).map(({ feature }) => labelOf.get(feature) ?? feature)
    const more = own.length - named.length
    return (
      <Small key={words}>
        {words}: {named.join(', ')}
        {more > 0 && texts.andMore(more)}.
      </Small>
    )
  })
}

/** What would tell more, a press away from where it is recorded. */
function RecordNext({ pair: { a, b, next } }: { pair: KinPairView }) {
  const lacking = (id: string): KinMember => (id === a.id ? a : b)
  return (
    <Soft>
      {texts.toTellMoreRecord}{' '}
      {next.map(({ feature, label, missingOf }, at) => (
        <span key={label}>
          {at > 0 && (at === next.length - 1 ? texts.and2 : ', ')}
          {texts.ofLabel(label.toLowerCase())}{' '}
          {missingOf.map((id, of) => (
            <span key={id}>
              {of > 0 && texts.and2}
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
