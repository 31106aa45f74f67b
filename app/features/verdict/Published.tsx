import { useFetcher } from 'react-router'
import type { Judged } from '#core/verdict/judged.ts'
import type { Verdict } from '#app/data/verdicts.server.ts'
import { Button } from '#app/ui/Button.tsx'
import { Caution, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'

/** What later readings, rules and rivals have changed since a verdict was frozen. */
function changesSince(
  { frozen }: Verdict,
  ranked: readonly Judged[],
  method: number,
  nameOf: (id: string) => string,
): string[] {
  if (!frozen) return []
  const now = new Map(ranked.map(({ id, score }, rank) => [id, { rank, value: score.value! }]))
  return [
    ...(frozen.method === method ? [] : [`The method is now version ${method}; it was ${frozen.method}.`]),
    ...frozen.ranking.flatMap(({ column, name, value }, rank) => {
      const found = now.get(column)
      if (!found) return [`${name} is not ranked any more.`]
      const moved =
        Math.abs(found.value - value) >= 0.5
          ? [`${name} now scores ${Math.round(found.value)} instead of ${Math.round(value)}.`]
          : []
      return rank === 0 && found.rank !== 0
        ? [...moved, `${nameOf(ranked[0]!.id)} now stands first instead of ${name}.`]
        : moved
    }),
    ...ranked
      .filter(({ id }) => !frozen.ranking.some(({ column }) => column === id))
      .map(({ id }) => `${nameOf(id)} has come in since.`),
  ]
}

interface Props {
  published: Verdict[]
  /** Ranking now, by the school and for the driver of a verdict. */
  rankedFor: (verdict: Verdict) => Judged[]
  method: number
  nameOf: (id: string) => string
}

/** Published verdicts, frozen as they were, with what has changed since. */
export function Published({ published, rankedFor, method, nameOf }: Props) {
  const fetcher = useFetcher()
  if (published.length === 0) return <Soft>None yet.</Soft>
  return (
    <Stack $gap={18}>
      {published.map((verdict) => {
        const { id, frozen, publishedAt, words, overrule, overruleReason } = verdict
        const changes = changesSince(verdict, rankedFor(verdict), method, nameOf)
        return (
          <Stack key={id} $gap={6} as="section" aria-label={`Published ${publishedAt!.slice(0, 10)}`}>
            <h3>
              {publishedAt!.slice(0, 10)}:{' '}
              {overrule ? `${nameOf(overrule)}, by the reviewer` : frozen?.winners.join(' and ')}
            </h3>
            <Small>
              {frozen?.school}, for {frozen?.driver || 'anybody'}, method {frozen?.method}
            </Small>
            {overrule && <p>Overruled: {overruleReason}</p>}
            {words && <p style={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}>{words}</p>}
            {frozen?.sentences.map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
            <Small>
              {frozen?.ranking.map(({ name, value }, rank) => `${rank + 1} ${name} ${Math.round(value)}`).join(' · ')}
            </Small>
            {changes.length > 0 ? (
              <Caution>Since then: {changes.join(' ')}</Caution>
            ) : (
              <Small>Nothing has changed it since.</Small>
            )}
            <Row data-print="no">
              <Button
                $kind="quiet"
                onPress={() => void fetcher.submit({ intent: 'withdraw', id }, { method: 'post' })}
                aria-label={`Withdraw the verdict of ${publishedAt!.slice(0, 10)}`}
              >
                Withdraw
              </Button>
            </Row>
          </Stack>
        )
      })}
    </Stack>
  )
}
