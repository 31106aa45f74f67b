import { href } from 'react-router'
import { listApplicationNames } from '#app/data/applications.server.ts'
import { libraryFilterSchema, productsAtOnce, searchProducts } from '#app/data/library.server.ts'
import { newId } from '#app/data/id.ts'
import { mergeProducts } from '#app/data/merge-products.server.ts'
import { askedPage } from '#app/data/page-of-list.ts'
import { listTags, tagProducts } from '#app/data/product-tags.server.ts'
import { addBrand, listBrands } from '#app/data/products.server.ts'
import { bringBack, emptyTrash, listTrash, throwAway } from '#app/data/trash.server.ts'
import { filterFormLabels, tierLabels } from '#app/features/forms/labels.ts'
import { libraryActSchema } from '#app/features/forms/library-fields.ts'
import { brandSchema } from '#app/features/forms/product-fields.ts'
import { BrandCard } from '#app/features/library/BrandCard.tsx'
import { ProductsCard } from '#app/features/library/ProductsCard.tsx'
import { TrashCard } from '#app/features/library/TrashCard.tsx'
import * as texts from '#app/texts/library.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Page, Row } from '#app/ui/layout.tsx'
import type { Route } from './+types/library'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'
import { additionRefusal } from './saving.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.libraryTitle }]

export async function loader({ request }: Route.LoaderArgs) {
  const { searchParams } = new URL(request.url)
  const filter = libraryFilterSchema.parse({ q: '', ...Object.fromEntries(searchParams) })
  const page = askedPage(searchParams)
  const [brands, found, engines, tags, trash] = await Promise.all([
    listBrands(),
    searchProducts(filter, page, { tiers: tierLabels, forms: filterFormLabels }),
    listApplicationNames(filter.engine),
    listTags(),
    listTrash(),
  ])
  return { brands, engines, tags, trash, newBrand: newId(), page, size: productsAtOnce, ...found }
}

export async function action({ request }: Route.ActionArgs) {
  const typed = await fieldsOf(request)
  if (typed.intent !== undefined) return actOn(typed)
  const parsed = parseFields(brandSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const added = await addBrand(parsed.value.id, parsed.value.name)
  return additionRefusal(added, { field: 'name', message: texts.thereIsABrandOfThis }) ?? accepted()
}

async function actOn(typed: Record<string, unknown>) {
  const parsed = parseFields(libraryActSchema, typed)
  if (!parsed.ok) return parsed.refusal
  const act = parsed.value
  switch (act.intent) {
    case 'throw-away': {
      const thrown = await throwAway(act.products)
      return thrown ? accepted({ thrown }) : refused(texts.noneOfTheseIsHereAny)
    }
    case 'merge': {
      const merged = await mergeProducts(act.into, act.products)
      return merged.ok ? accepted({ thrown: merged.value }) : refused(merged.problem.message)
    }
    case 'bring-back': {
      const back = await bringBack(act.id)
      return back.ok ? accepted() : refused(back.problem.message)
    }
    case 'remove-for-good':
      await emptyTrash(act.id)
      return accepted()
    default:
      await tagProducts(act.products, act.tag, act.intent === 'untag')
      return accepted()
  }
}

export default function Library({ loaderData, actionData }: Route.ComponentProps) {
  const { brands, products, newBrand, engines, tags, trash, ...pages } = loaderData
  return (
    <Page>
      <Row $between>
        <h1>{texts.library}</h1>
        <Row>
          <ButtonLink to={href('/reviewer')}>{texts.theReviewer}</ButtonLink>
          <ButtonLink to={href('/backups')}>{texts.backups}</ButtonLink>
          <ButtonLink to={href('/import')}>{texts.importReadings}</ButtonLink>
          <ButtonLink to={href('/export/readings.csv')} reloadDocument>
            {texts.exportAllReadings}
          </ButtonLink>
        </Row>
      </Row>
      <ProductsCard products={products} pages={pages} engines={engines} tags={tags} />
      <BrandCard brands={brands} newBrand={newBrand} result={actionData} />
      <TrashCard trash={trash} />
    </Page>
  )
}
