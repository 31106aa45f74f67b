import { median } from 'simple-statistics'
import { fitmentChecks } from '#core/kin/fitment-checks.ts'
import { formatSizeOption, sizeOption, type OptionSizes } from '#core/kin/size-option.ts'
import type { FitmentCheck } from '#core/score/fitment.ts'
import { findApplication } from './applications.server.ts'
import { assessApplication, type AssessedSpecimen } from './assessments.server.ts'
import { database } from './database.server.ts'
import { listFitments, type Fitment } from './fitments.server.ts'
import { lineupQuery } from './lineup-query.server.ts'
import type { Product } from './products.server.ts'
import { listVerdicts } from './verdicts.server.ts'

/** An engine that a product is for, with what fits and what does not. */
export interface ProductFitment extends Fitment {
  engine: string
  isHome: boolean
  checks: FitmentCheck[]
  /** Where its can is of another size than is usual for the engine. */
  option: string | undefined
  /** So many verdicts that were published for the engine name it. */
  verdicts: number
}

/** The engines that a product is for, and whether there is another that it could be said to fit. */
export const productFitments = lineupQuery('product fitments', async (product: Product) => {
  const [fitments, others] = await Promise.all([listFitments(product.id), listEnginesToFit(product.id, 1)])
  return {
    fitments: await Promise.all(fitments.map((fitment) => checked(product, fitment))),
    hasOthers: others.length > 0,
  }
})

/** The engines that a product could be said to fit: of its form, and not among those that it is for. */
export async function listEnginesToFit(product: string, most?: number): Promise<{ id: string; name: string }[]> {
  const db = await database()
  const query = db('application')
    .join('product', 'product.form', 'application.form')
    .join('application as home', 'home.id', 'product.applicationId')
    .where({ 'product.id': product })
    .whereRaw('application.demo = home.demo')
    .whereNotIn(
      'application.id',
      (fitting) => void fitting.select('applicationId').from('fitment').where({ productId: product }),
    )
    .orderBy('application.name')
    .select('application.id', 'application.name')
  return most === undefined ? query : query.limit(most)
}

async function checked(
  { id, revisions }: Product,
  fitment: Fitment & { engine: string; isHome: boolean },
): Promise<ProductFitment> {
  const { applicationId } = fitment
  const [application, assessed, { published }] = await Promise.all([
    findApplication(applicationId),
    assessApplication(applicationId),
    listVerdicts(applicationId),
  ])
  const own = assessed.filter(({ specimen }) => specimen.productId === id)
  const usual = assessed.filter(({ specimen }) => specimen.productId !== id)
  const [best] = [...own].sort((a, b) => b.assessment.completeness - a.assessment.completeness)
  const option = sizeOption(sizesOf(best ? [best] : []), sizesOf(usual))
  return {
    ...fitment,
    checks: application ? fitmentChecks(application, best?.assessment.values ?? new Map()) : [],
    option: option && formatSizeOption(option),
    verdicts: published.filter(({ snapshot }) =>
      snapshot?.ranking.some(({ column }) => revisions.some((revision) => column.startsWith(revision.id))),
    ).length,
  }
}

/** Sizes of what is usual among some specimens. */
function sizesOf(assessed: readonly AssessedSpecimen[]): OptionSizes {
  const middle = (numbers: number[]) => (numbers.length === 0 ? undefined : median(numbers))
  const valueOf = (key: string) =>
    middle(assessed.flatMap(({ assessment }) => assessment.values.get(key)?.number?.value ?? []))
  return {
    height: valueOf('can.height'),
    steel: valueOf('can.weight'),
    area: middle(
      assessed.flatMap(({ assessment }) => {
        const area = assessment.figures.get('media.area')
        return area?.state === 'known' ? [area.number.value] : []
      }),
    ),
  }
}
