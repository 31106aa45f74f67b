/** The page that an address asks for, from 1; the first when it asks for none that can be. */
export function askedPage(search: URLSearchParams): number {
  const page = Number(search.get('page'))
  return Number.isSafeInteger(page) && page > 0 && page < 1_000_000 ? page : 1
}
