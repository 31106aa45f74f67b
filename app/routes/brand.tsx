import { href, Link } from 'react-router'
import { brandFaults, brandHabits, formatCountedShare } from '#core/compare/brand-range.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { teachDateCode } from '#core/kin/date-code.ts'
import { scoreSpecimen } from '#core/score/score-specimen.ts'
import { assessSpecimens } from '#app/data/assessments.server.ts'
import { today } from '#app/data/clock.ts'
import { keepDateCodeTemplate, listDateCodeTemplates, removeDateCodeTemplate } from '#app/data/date-codes.server.ts'
import { findBrand, listProductsOfBrand, type Tier } from '#app/data/products.server.ts'
import { methodFor } from '#app/data/size-class.ts'
import { methodInForce } from '#app/data/schools.server.ts'
import { listSpecimensOfBrand } from '#app/data/specimens.server.ts'
import { dateCodeTemplateSchema, removedTemplateSchema } from '#app/features/forms/date-code-fields.ts'
import { tierLabels, tiers } from '#app/features/forms/labels.ts'
import { DateCodesCard } from '#app/features/library/DateCodesCard.tsx'
import * as texts from '#app/texts/brand.ts'
import { Card, Page, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { Route } from './+types/brand'
import { accepted, fieldsOf, found, parseFields, refused } from './http.server.ts'

export const meta: Route.MetaFunction = ({ loaderData }) => [{ title: texts.title(loaderData?.name ?? texts.brand) }]

const tierName = (tier: string): string => tierLabels[tier as Tier].toLowerCase()

/** So many habits are shown. */
const mostHabits = 20

export async function loader({ params }: Route.LoaderArgs) {
  const { id, name } = found(await findBrand(params.brand), texts.thisBrand)
  const [products, assessed] = await Promise.all([
    listProductsOfBrand(id),
    listSpecimensOfBrand(id).then(assessSpecimens),
  ])
  const method = await methodInForce(assessed[0]?.specimen.demo ?? 0)
  const specimens = assessed.map(({ specimen, assessment }) => ({
    product: specimen.productId,
    tier: specimen.tier,
    values: assessment.values,
  }))
  return {
    name,
    today: today(),
    templates: await listDateCodeTemplates(id),
    products: products.map((product) => {
      const own = assessed.filter(({ specimen }) => specimen.productId === product.id)
      const scores = own.flatMap(({ specimen, assessment }) => {
        const criteria = effectiveCriteria(methodFor(method, { specimen, assessment }))
        const { value } = scoreSpecimen(specimen.form, assessment, criteria)
        return value === undefined ? [] : [Math.round(value)]
      })
      return { ...product, specimens: own.length, scores }
    }),
    faults: brandFaults(specimens, tierName).map(({ characteristic, tiers: own, says }) => ({
      label: characteristic.label,
      says,
      tiers: own.map(({ tier, share }) => `${tierName(tier)}: ${formatCountedShare(share)}`),
    })),
    habits: brandHabits(specimens)
      .slice(0, mostHabits)
      .map(({ characteristic, answer, share }) => ({
        label: characteristic.label,
        answer,
        share: formatCountedShare(share),
        isSteady: share.found === share.of,
      })),
  }
}

export async function action({ request, params }: Route.ActionArgs) {
  const { id } = found(await findBrand(params.brand), texts.thisBrand)
  const typed = await fieldsOf(request)
  if (typed.intent === 'forget') {
    const removed = parseFields(removedTemplateSchema, typed)
    if (!removed.ok) return removed.refusal
    await removeDateCodeTemplate(id, removed.value.template)
    return accepted()
  }
  const parsed = parseFields(dateCodeTemplateSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const { template, code, means, otherCode, otherMeans } = parsed.value
  const taught = [
    { code, means },
    { code: otherCode, means: otherMeans },
  ]
  const templates = teachDateCode(taught, today())
  if (!templates.ok) return refused(templates.problem.message)
  if (!templates.value.includes(template)) return refused(texts.theseTwoCodesDoNotTeach)
  await keepDateCodeTemplate(id, { template, taught })
  return accepted()
}

export default function BrandPage({
  loaderData: { name, products, faults, habits, templates, today: day },
}: Route.ComponentProps) {
  const ordered = [...products].sort((a, b) => tiers.indexOf(a.tier) - tiers.indexOf(b.tier))
  return (
    <Page>
      <Stack $gap={4}>
        <Link to={href('/library')}>{texts.library}</Link>
        <h1>{name}</h1>
        <Soft>{texts.oneBrandAcrossEnginesItsTiers}</Soft>
      </Stack>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.itsRange}</h2>
          {ordered.length === 0 && <Soft>{texts.itsFiltersWillStandHereOver}</Soft>}
          {ordered.length > 0 && (
            <Table>
              <thead>
                <tr>
                  <th scope="col">{texts.tier}</th>
                  <th scope="col">{texts.product}</th>
                  <th scope="col">{texts.engine}</th>
                  <th scope="col">{texts.opened}</th>
                  <th scope="col">{texts.construction}</th>
                </tr>
              </thead>
              <tbody>
                {ordered.map(({ id, tier, partNumber, applicationId, applicationName, specimens, scores }) => (
                  <tr key={id}>
                    <td>{tierLabels[tier]}</td>
                    <td>
                      <Link to={href('/products/:product', { product: id })}>{partNumber}</Link>
                    </td>
                    <td>
                      <Link to={href('/lineups/:application', { application: applicationId })}>{applicationName}</Link>
                    </td>
                    <td>{specimens}</td>
                    <td>{scores.length > 0 ? scores.join(', ') : '–'}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          )}
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.faultsTierByTier}</h2>
          {faults.length === 0 && <Soft>{texts.noneWasFoundInWhatWas}</Soft>}
          {faults.map(({ label, tiers: own, says }) => (
            <div key={label}>
              <strong>{label}</strong>
              <p>{own.join(' · ')}</p>
              <Small>{says}</Small>
            </div>
          ))}
        </Stack>
      </Card>
      <Card>
        <Stack $gap={10}>
          <h2>{texts.steadyAcrossItsRange}</h2>
          {habits.length === 0 && <Soft>{texts.itTakesThreeProductsInWhich}</Soft>}
          {habits.length > 0 && (
            <Table>
              <thead>
                <tr>
                  <th scope="col">{texts.what}</th>
                  <th scope="col">{texts.mostly}</th>
                  <th scope="col">{texts.products}</th>
                </tr>
              </thead>
              <tbody>
                {habits.map(({ label, answer, share, isSteady }) => (
                  <tr key={label}>
                    <td>{label}</td>
                    <td>{isSteady ? <strong>{answer}</strong> : answer}</td>
                    <td>{share}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          )}
          <Small>{texts.inBracketsWhatTheShareMay}</Small>
        </Stack>
      </Card>
      <DateCodesCard templates={templates} today={day} />
    </Page>
  )
}
