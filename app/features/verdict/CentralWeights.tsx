import { useMemo } from 'react'
import { formatPreference, preferenceOf } from '#core/verdict/central-weights.ts'
import { judgementSeed } from '#core/verdict/judgement.ts'
import * as texts from '#app/texts/how-sure.ts'
import { Small, Soft } from '#app/ui/layout.tsx'
import { ReasonList } from './list.ts'
import { freeWeights } from './robustness-settings.ts'
import type { EvaluationView } from './useEvaluation.ts'
import { useRobustness } from './useRobustness.ts'

/** Those below this are never first for any practical purpose. */
const hardlyEver = 0.005

/** What one would have to care about for each product to be first, when any weights at all may be held. */
export function CentralWeights({ ranked, nameOf }: Pick<EvaluationView, 'ranked' | 'nameOf'>) {
  const request = useMemo(
    () =>
      ranked.length > 1
        ? {
            contenders: ranked.map(({ id, score, evidence, related }) => ({ id, score, evidence, related })),
            weights: { draw: 'free' as const, spread: 0, seed: judgementSeed },
            settings: freeWeights,
          }
        : undefined,
    [ranked],
  )
  const { run } = useRobustness(request)
  if (!request || run.state === 'failed' || run.state === 'stopped') return null
  if (run.state === 'running') return <Soft>{texts.tryingAllWeights}</Soft>
  const { first, central } = run.result
  const lines = ranked
    .map(({ id, score }, at) => ({
      id,
      chance: first[at] ?? 0,
      preference: preferenceOf(
        score.lines.map(({ criterion }) => criterion),
        central[at] ?? [],
        first[at] ?? 0,
      ),
    }))
    .filter(({ chance }) => chance >= hardlyEver)
    .sort((a, b) => b.chance - a.chance)
  const others = ranked.length - lines.length
  return (
    <section aria-label={texts.byWhatYouCareAbout}>
      <p>{texts.byWhatYouCareAboutWhatever}</p>
      <ReasonList>
        {lines.map(({ id, preference }) => (
          <li key={id}>
            <strong>{nameOf(id)}</strong> {formatPreference(preference)}
          </li>
        ))}
      </ReasonList>
      <Small>
        {others > 0 && texts.othersAreHardlyEverFirstWhatever(others)}
        {texts.centralWeightsOfSmaa2The}
      </Small>
    </section>
  )
}
