import type { OtherSpecimen } from '#core/compare/beside.ts'
import { rowOf } from '#core/compare/read-comparison.ts'
import type { StoredComparison } from '#app/data/comparisons.server.ts'
import type { RequestFields } from '#app/features/outbox/act.ts'
import * as texts from '#app/texts/bench-reading.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Soft } from '#app/ui/layout.tsx'
import { otherName } from './CompareLine.tsx'
import type { Bench } from './useBench.ts'

interface Props {
  bench: Bench
  beside: readonly OtherSpecimen[]
  comparisons: readonly StoredComparison[]
}

/** What was said beside other filters of the characteristic that is up, with what is on its way. */
export function SaidBeside({ bench, beside, comparisons }: Props) {
  const { key } = bench.current
  const said = withPendingComparisons(comparisons, bench.pending).filter(({ of }) => of === rowOf(key))
  return said.map(({ id, other, line }) => {
    const named = beside.find((one) => one.id === other)
    return (
      <Row key={id} $gap={8}>
        <Soft role="note">{texts.besideOfDetail(named ? otherName(named) : texts.aFilterThatWasRemoved, line)}</Soft>
        <Button $kind="quiet" aria-label={texts.takeBackOfLine(line)} onPress={() => bench.dropComparison(id)}>
          {texts.takeBack}
        </Button>
      </Row>
    )
  })
}

interface Said {
  id: string
  of: string
  other: string
  line: string
}

/** Comparisons as they are once the requests on their way to the server are done. */
export function withPendingComparisons(
  saved: readonly StoredComparison[],
  pending: readonly RequestFields[],
): readonly Said[] {
  const all = new Map(saved.map(({ id, of, other, said }): [string, Said] => [id, { id, of, other, line: said }]))
  for (const { intent, id = '', characteristic = '', other = '', line = '' } of pending) {
    if (intent === 'compare' && !all.has(id)) all.set(id, { id, of: rowOf(characteristic), other, line })
    if (intent === 'drop-comparison') all.delete(id)
  }
  return [...all.values()]
}
