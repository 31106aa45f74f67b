import { catalogueFor, stations, type Characteristic, type FilterForm } from '#core/catalogue/index.ts'

/**
 * What is recorded of a filter in the order of work: station by station, since each step spoils something for good;
 * within a station what the engine's known trouble asks for comes first.
 *
 * @param form of the filter
 * @param first keys that come first at their station
 * @example workOrder('spin-on', new Set(['box.origin']))[0]?.key // => 'box.origin'
 */
export function workOrder(form: FilterForm, first: ReadonlySet<string>): Characteristic[] {
  const all = catalogueFor(form)
  if (first.size === 0) return all
  return stations.flatMap(({ key }) => {
    const own = all.filter(({ station }) => station === key)
    return [...own.filter((one) => first.has(one.key)), ...own.filter((one) => !first.has(one.key))]
  })
}
