import { listApplications } from '#app/data/applications.server.ts'
import { listEnginesToFit } from '#app/data/product-fitments.server.ts'
import type { Route } from './+types/engines'

/** All engines by name, for the menu that picks one; or those that a product could be said to fit. */
export async function loader({ request }: Route.LoaderArgs) {
  const product = new URL(request.url).searchParams.get('for')
  if (product !== null) return { engines: await listEnginesToFit(product) }
  return { engines: (await listApplications()).map(({ id, name }) => ({ id, name })) }
}
