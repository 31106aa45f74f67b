import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { scoreSpecimen } from '#core/score/score-specimen.ts'
import { assessSpecimens, type AssessedSpecimen } from './assessments.server.ts'
import { claimOverview } from './claim-overview.server.ts'
import { specimenSigns } from './known-good.server.ts'
import { listPhotosOfProduct } from './photos.server.ts'
import { listPricesOf } from './prices.server.ts'
import { listBrandNames, type Product } from './products.server.ts'
import { replacementsOf } from './replacements.server.ts'
import { revisionFacts } from './revision-facts.server.ts'
import { findReviewer } from './reviewer.server.ts'
import { methodInForce } from './schools.server.ts'
import { methodFor } from './size-class.ts'
import { listSpecimensOf } from './specimens.server.ts'
import { listVerdicts } from './verdicts.server.ts'

/** Where a product stood in a verdict that was published. */
export interface VerdictStood {
  id: string
  publishedAt: string
  school: string
  name: string
  place: number
  of: number
  value: number
  /** First in so many of what may be; verdicts of former editions do not say it. */
  chance: number | undefined
}

/** All that is known of a product, for its page. */
export async function productDossier(product: Product) {
  const specimens = await listSpecimensOf(product.id)
  const [assessed, method, { topEnd }, { products }, prices, photos, verdicts, brands, replacements] =
    await Promise.all([
      assessSpecimens(specimens),
      methodInForce(specimens[0]?.demo ?? 0),
      findReviewer(),
      claimOverview(product.applicationId),
      listPricesOf(product.id),
      listPhotosOfProduct(product.id),
      verdictsOf(product),
      listBrandNames(),
      replacementsOf(product.id),
    ])
  /** The specimen that the product is drawn from. */
  const drawn = bestKnown(assessed, product)
  return {
    facts: await revisionFacts(product, assessed),
    signs: await specimenSigns(assessed),
    topEnd,
    replacements: {
      ...replacements,
      others: products.filter(({ id }) => id !== product.id).map(({ id, name }) => ({ id, name })),
    },
    prices,
    photos,
    verdicts,
    brands,
    claims: products.find(({ id }) => id === product.id),
    drawn,
    specimens: assessed.map(({ specimen, assessment }) => {
      const criteria = effectiveCriteria(methodFor(method, { specimen, assessment }))
      const { value, fatalFaults } = scoreSpecimen(specimen.form, assessment, criteria)
      return {
        ...specimen,
        completeness: assessment.completeness,
        score: value,
        fatalFault: fatalFaults[0]?.description,
      }
    }),
  }
}

/** Of the newest revision that has any, the specimen of which most is recorded. */
function bestKnown(assessed: readonly AssessedSpecimen[], { revisions }: Product): AssessedSpecimen | undefined {
  const newest = [...revisions].reverse().find(({ id }) => assessed.some(({ specimen }) => specimen.revisionId === id))
  return assessed
    .filter(({ specimen }) => specimen.revisionId === newest?.id)
    .sort((a, b) => b.assessment.completeness - a.assessment.completeness)[0]
}

/** Where it stood in the verdicts that were published, latest first; each of its revisions is a column of its own. */
async function verdictsOf({ applicationId, revisions }: Product): Promise<VerdictStood[]> {
  const { published } = await listVerdicts(applicationId)
  return published.flatMap(({ id, publishedAt, snapshot }) =>
    (snapshot?.ranking ?? []).flatMap(({ column, name, value, chance }, at, all) =>
      publishedAt !== null && snapshot && revisions.some((revision) => column.startsWith(revision.id))
        ? [
            {
              id: `${id} ${column}`,
              publishedAt,
              school: snapshot.school,
              name,
              place: at + 1,
              of: all.length,
              value,
              chance,
            },
          ]
        : [],
    ),
  )
}
