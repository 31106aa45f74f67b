import { startTransition, useEffect, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { groupBy } from '#core/group-by.ts'
import { doubtSources, scoreDoubt, type DoubtShare } from '#core/verdict/doubt.ts'
import { judgementProblem } from '#core/verdict/judgement.ts'
import { contenders, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import * as texts from '#app/texts/how-sure.ts'
import { Card, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { ShareBar } from '#app/ui/ShareBar.tsx'
import { Table } from '#app/ui/Table.tsx'
import { whenIdle } from '#app/ui/when-idle.ts'

/** So many criteria are named. */
const named = 8

interface Props {
  /** All columns of the line-up. */
  all: readonly EvaluatedRevision[]
  /** The product, one of those that are judged. */
  of: EvaluatedRevision
  linkOf: (attribute: string) => string
}

/** What makes a product's score unsure: by the kind of doubt, and the criteria that have most of it. */
export function DoubtCard(props: Props) {
  const shares = useShares(props)
  return (
    <Card>
      <Stack $gap={10}>
        <h2>{texts.whatMakesItUnsure}</h2>
        {shares ? <DoubtShares shares={shares} linkOf={props.linkOf} /> : <Soft>{texts.beingWorkedOut}</Soft>}
      </Stack>
    </Card>
  )
}

/** Worked out when the page has nothing else to do: it takes as long as all the rest, and stands at its end. */
function useShares({ all, of }: Props): DoubtShare[] | undefined {
  const [known, setKnown] = useState<{ product: string; shares: DoubtShare[] }>()
  useEffect(
    () =>
      whenIdle(() => {
        const judged = contenders(all)
        const at = judged.findIndex(({ id }) => id === of.id)
        const shares = at < 0 ? [] : scoreDoubt(judgementProblem(judged), at, of)
        startTransition(() => setKnown({ product: of.id, shares }))
      }),
    [all, of],
  )
  return known?.product === of.id ? known.shares : undefined
}

function DoubtShares({ shares, linkOf }: { shares: DoubtShare[]; linkOf: Props['linkOf'] }) {
  const sources = useMemo(() => sumBySource(shares), [shares])
  const rest = shares.slice(named).reduce((sum, { share }) => sum + share, 0)
  if (shares.length === 0) return <p>{texts.nothingAllThatIsJudgedIs}</p>
  return (
    <>
      <Shares
        label={texts.byKind}
        lines={sources.map(({ source, share }) => ({ name: doubtSources[source], share }))}
      />
      <Shares
        label={texts.byCriterion}
        lines={[
          ...shares.slice(0, named).map(({ attribute, label, source, share }) => ({
            name: (
              <>
                <Link to={linkOf(attribute)}>{label}</Link>: {doubtSources[source]}
              </>
            ),
            share,
          })),
          ...(rest > 0.005 ? [{ name: texts.allOthers, share: rest }] : []),
        ]}
      />
      <Small>{texts.sharesOfTheVarianceOfIts}</Small>
    </>
  )
}

function sumBySource(shares: readonly DoubtShare[]) {
  return [...groupBy(shares, ({ source }) => source)]
    .map(([source, own]) => ({ source, share: own.reduce((sum, { share }) => sum + share, 0) }))
    .sort((a, b) => b.share - a.share)
}

function Shares({ label, lines }: { label: string; lines: { name: React.ReactNode; share: number }[] }) {
  return (
    <Table aria-label={label}>
      <thead>
        <tr>
          <th scope="col" style={{ width: '46%' }}>
            {label}
          </th>
          <th scope="col">{texts.share}</th>
          <th scope="col" style={{ width: '8%' }} />
        </tr>
      </thead>
      <tbody>
        {lines.map(({ name, share }, at) => (
          <tr key={at}>
            <td>{name}</td>
            <td>
              <ShareBar share={share} />
            </td>
            <td>{Math.max(1, Math.round(share * 100))} %</td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
