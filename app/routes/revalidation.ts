import { useEffect } from 'react'
import { useFetchers, useNavigation, useRevalidator, type ShouldRevalidateFunctionArgs } from 'react-router'

/** Whether what is loaded is loaded anew. */
type Rule = (args: ShouldRevalidateFunctionArgs) => boolean

/** Rules by which something is loaded anew and has not come yet. */
const owed = new Set<Rule>()

/**
 * As the rule says; and until what it asked for has come, in any case: a tab that is pressed meanwhile gives up what is
 * under way, and what was changed would never be seen.
 */
export const untilItHasCome =
  (rule: Rule): Rule =>
  (args) => {
    if (rule(args)) owed.add(rule)
    return owed.has(rule)
  }

/** Nothing is owed any more once nothing is under way. */
export function useArrivals(): void {
  const navigation = useNavigation()
  const revalidator = useRevalidator()
  const fetchers = useFetchers()
  const acts = fetchers.filter(({ formMethod }) => formMethod !== undefined)
  const isQuiet = [navigation, revalidator, ...acts].every(({ state }) => state === 'idle')
  useEffect(() => {
    if (isQuiet) owed.clear()
  }, [isQuiet])
}

/** Sorting, filtering and choosing who judges change the search of the address only: what is loaded stays. */
export const whenPathChanges = untilItHasCome(({ currentUrl, nextUrl, formMethod, defaultShouldRevalidate }) =>
  !formMethod && currentUrl.pathname === nextUrl.pathname && currentUrl.search !== nextUrl.search
    ? false
    : defaultShouldRevalidate,
)

/** What is loaded once for several pages: asked for again when something was changed, or it is about another. */
export const whenParametersChange = untilItHasCome(
  ({ currentParams, nextParams, formMethod, defaultShouldRevalidate }) =>
    !formMethod && JSON.stringify(currentParams) === JSON.stringify(nextParams) ? false : defaultShouldRevalidate,
)

/** What is loaded for one thing that the address names: asked for again when it names another. */
export const whenAddressNames = (name: string): Rule =>
  untilItHasCome(({ currentUrl, nextUrl }) => currentUrl.searchParams.get(name) !== nextUrl.searchParams.get(name))
