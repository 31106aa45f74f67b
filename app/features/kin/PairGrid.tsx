import { href, Link } from 'react-router'
import { styled } from 'styled-components'
import type { KinValue } from '#core/kin/build-record.ts'
import { formatKinValue, formatShare } from '#core/kin/format-kin-value.ts'
import { kinFeatures, type KinFeature } from '#core/kin/kin-features.ts'
import { formatOdds, shareWord, shareWords } from '#core/kin/kin-finding.ts'
import { kinParts } from '#core/kin/kin-parts.ts'
import type { KinGroundView, KinPairView } from '#app/data/kin.server.ts'
import * as texts from '#app/texts/kin.ts'
import { Small } from '#app/ui/layout.tsx'
import { PairTable } from '#app/ui/PairTable.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { shareGlyphs } from './PartStrip.tsx'

const Grid = styled(PairTable)`
  thead th:first-child,
  thead th:nth-child(3) {
    width: 22%;
  }
  th[scope='row'],
  thead th:nth-child(2) {
    width: 28%;
  }
  tr[data-verdict='rare'] > * {
    background: var(--green-soft);
  }
  tr[data-verdict='differs'] > *,
  tr[data-verdict='rules out'] > * {
    background: var(--amber-soft);
  }
`

const verdictWords: Readonly<Record<KinGroundView['verdict'], string>> = {
  rare: texts.agreesAndIsRare,
  common: texts.agreesAsManyDo,
  differs: texts.differs,
  'rules out': texts.furtherApartThanOnePartCan,
  'says little': texts.differsAndSaysLittle,
}

const featureOf = new Map(kinFeatures.map((one) => [one.key, one]))

/** Part by part: what each of the two is like, how rare that is, and what it is worth. */
export function PairGrid({ pair: { shared, grounds }, names }: { pair: KinPairView; names: { a: string; b: string } }) {
  return (
    <Grid aria-label={texts.partByPart}>
      <thead>
        <tr>
          <th scope="col">{names.a}</th>
          <th scope="col">{texts.what}</th>
          <th scope="col">{names.b}</th>
          <th scope="col">{texts.howRareAndHowMuchLikelier}</th>
        </tr>
      </thead>
      {kinParts.map(({ key, label, of }, at) => {
        const own = grounds.flatMap((ground) => {
          const feature = featureOf.get(ground.feature)
          return feature?.part === key ? [{ ground, feature }] : []
        })
        const share = shared[at] ?? null
        if (own.length === 0) return null
        const word = shareWord(share ?? NaN)
        return (
          <tbody key={key} aria-label={label}>
            <tr>
              <th scope="rowgroup" colSpan={4}>
                {label}
                {of === 'box' ? (
                  <Small>{` ${texts.saysNothingOfHowAFilter}`}</Small>
                ) : (
                  <>
                    : <span aria-hidden>{shareGlyphs[word]} </span>
                    {shareWords[word]} {share !== null && <Small>{formatOdds(share)}</Small>}
                  </>
                )}
              </th>
            </tr>
            {own.map(({ ground, feature }) => (
              <GroundRow key={feature.key} ground={ground} feature={feature} />
            ))}
          </tbody>
        )
      })}
    </Grid>
  )
}

function GroundRow({ ground, feature }: { ground: KinGroundView; feature: KinFeature }) {
  const { a, b, share, verdict } = ground
  const isAgreed = verdict === 'rare' || verdict === 'common'
  return (
    <tr data-verdict={verdict}>
      <td>
        <ValueLink feature={feature} value={a} />
      </td>
      <th scope="row">
        {feature.label} <Small as="small">{verdictWords[verdict]}</Small>
      </th>
      <td>
        <ValueLink feature={feature} value={b} />
      </td>
      <td>
        <Small>{isAgreed && [formatShare(share), worth(ground.weight)].filter(Boolean).join(' · ')}</Small>
      </td>
    </tr>
  )
}

/** How many times likelier, where that is worth a word. */
const worth = (weight: number): string => (weight >= 2 ? texts.timesLikelier(Math.round(weight)) : '')

function ValueLink({ feature, value }: { feature: KinFeature; value: KinValue }) {
  const { units } = usePreferences()
  return (
    <Link to={href('/specimens/:specimen/values/:key', { specimen: value.specimen, key: feature.characteristic.key })}>
      {formatKinValue(feature, value, units)}
    </Link>
  )
}
