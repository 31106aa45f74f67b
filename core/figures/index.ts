import type { FilterForm } from '#core/catalogue/index.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import type { ApplicationRequirements } from './application-requirements.ts'
import { bypassAgainstAskedFigure } from './definitions/bypass-against-asked.ts'
import { bypassPressureFigure } from './definitions/bypass-pressure.ts'
import { bypassRateFigure } from './definitions/bypass-rate.ts'
import { bypassSpringPressureFigure } from './definitions/bypass-spring-pressure.ts'
import { canBurstFigure } from './definitions/can-burst.ts'
import { canEvennessFigure } from './definitions/can-evenness.ts'
import { canFullnessFigure } from './definitions/can-fullness.ts'
import { canGaugeFigure } from './definitions/can-gauge.ts'
import { canStiffnessFigure } from './definitions/can-stiffness.ts'
import { coreAreaFigure } from './definitions/core-area.ts'
import { elastomerMarginFigures } from './definitions/elastomer-margins.ts'
import { flowSeriesFigure } from './definitions/flow-series.ts'
import { flowTightestFigure } from './definitions/flow-tightest.ts'
import { inletAreaFigure } from './definitions/inlet-area.ts'
import { mediaAreaPleatsFigure } from './definitions/media-area-pleats.ts'
import { mediaAreaFigure } from './definitions/media-area.ts'
import { mediaCapacityPerAreaFigure } from './definitions/media-capacity-per-area.ts'
import { mediaDensityFigure } from './definitions/media-density.ts'
import { mediaFaceVelocityFigure } from './definitions/media-face-velocity.ts'
import { mediaMassPerAreaFigure } from './definitions/media-mass-per-area.ts'
import { mediaMassPerLayerFigure } from './definitions/media-mass-per-layer.ts'
import { oringSqueezeFigure } from './definitions/oring-squeeze.ts'
import { oringStretchFigure } from './definitions/oring-stretch.ts'
import { outletAreaFigure } from './definitions/outlet-area.ts'
import { plateShareFigure } from './definitions/plate-share.ts'
import { pleatCrowdingBackedFigure } from './definitions/pleat-crowding-backed.ts'
import { pleatCrowdingFigure } from './definitions/pleat-crowding.ts'
import { pleatDepthFigure } from './definitions/pleat-depth.ts'
import { pleatPitchFigure } from './definitions/pleat-pitch.ts'
import { pleatSpaceFigure } from './definitions/pleat-space.ts'
import { pleatUnevennessFigure } from './definitions/pleat-unevenness.ts'
import { threadEngagementFigure } from './definitions/thread-engagement.ts'
import { weightResidualFigure } from './definitions/weight-residual.ts'
import { computeFigure, type Figure, type FigureResult } from './figure.ts'

export type { Figure, FigureResult } from './figure.ts'

/** Every figure the app derives, in the order the filter lies on the mat. */
export const figures: readonly Figure[] = [
  weightResidualFigure,
  inletAreaFigure,
  outletAreaFigure,
  threadEngagementFigure,
  plateShareFigure,
  coreAreaFigure,
  flowTightestFigure,
  flowSeriesFigure,
  pleatDepthFigure,
  pleatSpaceFigure,
  pleatCrowdingFigure,
  pleatCrowdingBackedFigure,
  pleatPitchFigure,
  pleatUnevennessFigure,
  mediaAreaFigure,
  mediaAreaPleatsFigure,
  mediaMassPerAreaFigure,
  mediaDensityFigure,
  mediaFaceVelocityFigure,
  mediaCapacityPerAreaFigure,
  bypassPressureFigure,
  bypassRateFigure,
  bypassSpringPressureFigure,
  canGaugeFigure,
  canFullnessFigure,
  canBurstFigure,
  canStiffnessFigure,
  canEvennessFigure,
  bypassAgainstAskedFigure,
  mediaMassPerLayerFigure,
  ...elastomerMarginFigures,
  oringSqueezeFigure,
  oringStretchFigure,
]

const byKey = new Map(figures.map((figure) => [figure.key, figure]))

/**
 * The figure with this key, if there is one.
 *
 * @example findFigure('media.area')?.label // => 'Media area'
 */
export const findFigure = (key: string): Figure | undefined => byKey.get(key)

/**
 * The figure with this key.
 *
 * @throws Error when there is none: a fault of the program
 * @example figureOf('media.area').label // => 'Media area'
 */
export function figureOf(key: string): Figure {
  const figure = findFigure(key)
  if (!figure) throw new Error(`There is no figure "${key}"`)
  return figure
}

/**
 * All figures of one specimen, known or not.
 *
 * @param form of the filter
 * @param values resolved from its readings
 * @param requirements what the application asks, where it is known
 * @example computeFigures('spin-on', new Map()).get('media.area')?.state // => 'missing'
 */
export const computeFigures = (
  form: FilterForm,
  values: ResolvedValues,
  requirements: ApplicationRequirements = {},
): Map<string, FigureResult> =>
  new Map(
    figures
      .filter((figure) => figure.forms.includes(form))
      .map((figure) => [figure.key, computeFigure(figure, values, requirements)]),
  )
