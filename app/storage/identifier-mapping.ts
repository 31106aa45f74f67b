const toSnake = new Map<string, string>()
const toCamel = new Map<string, string>()

/** A name of the code as a name of the database: `specimenId` as `specimen_id`. */
export const snakeCase = (name: string): string =>
  remembered(toSnake, name, (known) => known.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`))

/** A name of the database as a name of the code: `specimen_id` as `specimenId`. */
export const camelCase = (name: string): string =>
  remembered(toCamel, name, (known) => known.replace(/_([a-z])/g, (_, letter: string) => letter.toUpperCase()))

function remembered(names: Map<string, string>, name: string, convert: (name: string) => string): string {
  let converted = names.get(name)
  if (converted === undefined) names.set(name, (converted = convert(name)))
  return converted
}
