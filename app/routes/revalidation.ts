import type { ShouldRevalidateFunctionArgs } from 'react-router'

/** Sorting, filtering and choosing who judges change the search of the address only: what is loaded stays. */
export const whenPathChanges = ({
  currentUrl,
  nextUrl,
  formMethod,
  defaultShouldRevalidate,
}: ShouldRevalidateFunctionArgs): boolean =>
  !formMethod && currentUrl.pathname === nextUrl.pathname && currentUrl.search !== nextUrl.search
    ? false
    : defaultShouldRevalidate

/** What is loaded once for several pages: asked for again when something was changed, or it is about another. */
export const whenParametersChange = ({
  currentParams,
  nextParams,
  formMethod,
  defaultShouldRevalidate,
}: ShouldRevalidateFunctionArgs): boolean =>
  !formMethod && JSON.stringify(currentParams) === JSON.stringify(nextParams) ? false : defaultShouldRevalidate

/** What is loaded for one thing that the address names: asked for again when it names another. */
export const whenAddressNames =
  (name: string) =>
  ({ currentUrl, nextUrl }: ShouldRevalidateFunctionArgs): boolean =>
    currentUrl.searchParams.get(name) !== nextUrl.searchParams.get(name)
