import { useMemo, useState } from 'react'
import type { WeightDraw } from '#core/score/draw-problem.ts'
import { judgementSeed, judgementSettings } from '#core/verdict/judgement.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import * as texts from '#app/texts/how-sure.ts'
import { Button } from '#app/ui/Button.tsx'
import { Alert, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'
import { rankShares } from './rank-shares.ts'
import { RankSharesChart } from './RankSharesChart.tsx'
import { RankSharesTable } from './RankSharesTable.tsx'
import { freeWeights } from './robustness-settings.ts'
import { useRobustness } from './useRobustness.ts'

const settingsOf = (mode: WeightDraw) => (mode === 'fixed' ? { ...judgementSettings, ranks: true } : freeWeights)
/** Share of itself, above and below, within which a weight is drawn around the school. */
const around = 0.5

const modes: { key: WeightDraw; label: string }[] = [
  { key: 'fixed', label: texts.weightsAsTheSchoolHasThem },
  { key: 'around', label: texts.eachWeightWithinOfTheSchools(around * 100) },
  { key: 'free', label: texts.anyWeightsAtAll },
]

/** How often each product is at each rank when what is in doubt is drawn: stochastic acceptability analysis. */
export function Robustness({ ranked, nameOf }: { ranked: EvaluatedRevision[]; nameOf: (id: string) => string }) {
  const [mode, setMode] = useState<WeightDraw>('fixed')
  const request = useMemo(
    () =>
      ranked.length > 1
        ? {
            contenders: ranked.map(({ id, score, evidence, related }) => ({ id, score, evidence, related })),
            weights: { draw: mode, spread: around, seed: judgementSeed },
            settings: settingsOf(mode),
          }
        : undefined,
    [ranked, mode],
  )
  const { run, cancel } = useRobustness(request)
  const result = run.state === 'done' ? run.result : undefined
  const rows = useMemo(() => result && rankShares(result, ranked, nameOf, mode), [result, ranked, nameOf, mode])
  if (!request) return <Soft>{texts.itTakesTwoProductsThatAre}</Soft>
  return (
    <Stack $gap={10}>
      <Row>
        <SelectMenu
          label={texts.drawnWith}
          value={mode}
          options={modes.map(({ key, label }) => ({ value: key, label }))}
          onPick={(key) => setMode(key as WeightDraw)}
        />
        <span role="status">
          <Small>
            {run.state === 'running' && texts.drawing}
            {run.state === 'done' && texts.draws(run.result.draws.toLocaleString('en'))}
            {run.state === 'stopped' && texts.stopped}
          </Small>
        </span>
        {run.state === 'running' && <Button onPress={cancel}>{texts.stop}</Button>}
      </Row>
      {run.state === 'failed' && <Alert role="alert">{texts.thisBrowserCouldNotRunThe}</Alert>}
      {rows && (
        <>
          <RankSharesChart rows={rows} />
          <RankSharesTable rows={rows} hasDrawnWeights={mode !== 'fixed'} />
          <Small>{texts.smaa2LahdelmaAndSalminen2001}</Small>
        </>
      )}
    </Stack>
  )
}
