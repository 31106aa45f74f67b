import { href, Link } from 'react-router'
import { characteristicOf, toldFigure } from '#core/catalogue/index.ts'
import type { UnitSpread } from '#core/compare/unit-spread.ts'
import { formatValueWithUncertainty } from '#core/figures/format-value.ts'
import { findFigure, type Figure } from '#core/figures/index.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import type { FigureView, ResolvedValueView } from '#app/data/view-models.ts'
import * as texts from '#app/texts/specimen.ts'
import { EvidenceGlyph } from '#app/ui/Evidence.tsx'
import { Alert, Card, Caution, Small, Stack } from '#app/ui/layout.tsx'
import { usePreferences } from '#app/ui/usePreferences.ts'
import { FigureInputs } from './FigureInputs.tsx'
import { FormulaInNumbers } from './FormulaInNumbers.tsx'
import { LargeValue, unitSpreadText } from './LargeValue.tsx'
import { UncertaintyBudget } from './UncertaintyBudget.tsx'

interface Props {
  figureKey: string
  specimen: Specimen
  spread: UnitSpread
  result: FigureView
  inputs: ResolvedValueView[]
}

/** A figure opened: its value, formula, readings and the sources of its uncertainty. */
export function FigureDetail({ figureKey, specimen, spread, result, inputs }: Props) {
  const figure = findFigure(figureKey)
  if (!figure) return null
  return (
    <>
      <Card>
        <Stack>
          <FigureValue figure={figure} specimen={specimen} spread={spread} result={result} />
          <p>{figure.why}</p>
        </Stack>
      </Card>
      <Card>
        <Stack>
          <h2>{texts.formula}</h2>
          <FormulaInNumbers figure={figure} inputs={inputs} />
          {figure.assumptions.length > 0 && <p>{texts.assumed(figure.assumptions.join(' '))}</p>}
          <Small>{texts.source(figure.source)}</Small>
        </Stack>
      </Card>
      <Card>
        <Stack>
          <h2>{texts.madeOf}</h2>
          <FigureInputs inputs={inputs} specimen={specimen.id} />
        </Stack>
      </Card>
      {result.state === 'known' && result.budget.length > 0 && (
        <Card>
          <Stack>
            <h2>{texts.whereItsDoubtComesFrom}</h2>
            <UncertaintyBudget lines={result.budget} />
          </Stack>
        </Card>
      )}
    </>
  )
}

interface ValueProps {
  figure: Figure
  specimen: Specimen
  spread: UnitSpread
  result: FigureView
}

/** The value, or why there is none. */
function FigureValue({ figure, specimen, spread, result }: ValueProps) {
  const { units: system } = usePreferences()
  switch (result.state) {
    case 'known':
      return (
        <>
          <LargeValue>{formatValueWithUncertainty(figure, result.value, result.halfWidth, system)}</LargeValue>
          {result.remark && <p>{result.remark}</p>}
          <Small>
            {texts.restsOnWhatIs} <EvidenceGlyph evidence={result.evidence} word /> {texts.atWorst}{' '}
            {result.halfWidth > 0 && texts.theRangeCovers95ForThis(unitSpreadText(spread))}
          </Small>
        </>
      )
    case 'impossible':
      return <Alert>{texts.oneOfTheReadingsBelowMust(result.message)}</Alert>
    case 'not-applicable':
      return <Caution>{texts.notWorkedOutHereSince(result.reason)}</Caution>
    case 'missing':
      return <StillToRecord figure={figure.key} missing={result.missing} unsaid={result.unsaid} specimen={specimen} />
  }
}

interface MissingProps {
  figure: string
  missing: string[]
  /** What the application does not say yet. */
  unsaid: string[]
  specimen: Specimen
}

function StillToRecord({ figure, missing, unsaid, specimen: { id, applicationId } }: MissingProps) {
  const told = toldFigure(figure)
  return (
    <Caution>
      {texts.notKnownYetStillToRecord}{' '}
      {missing.map((key, index) => (
        <span key={key}>
          {index > 0 && ', '}
          <Link to={`${href('/bench/:specimen', { specimen: id })}?at=${key}`}>{characteristicOf(key).label}</Link>
        </span>
      ))}
      {missing.length > 0 && unsaid.length > 0 && ', '}
      {unsaid.length > 0 && (
        <Link to={href('/lineups/:application/edit', { application: applicationId })}>{unsaid.join(', ')}</Link>
      )}
      .
      {told && (
        <>
          {' '}
          {texts.wasItToldAsSuch}{' '}
          <Link to={`${href('/bench/:specimen', { specimen: id })}?at=${told.key}`}>{texts.enterItDirectly}</Link>.
        </>
      )}
    </Caution>
  )
}
