/**
 * Units by dimension. The first unit of a dimension is its SI unit. A value in SI is
 * `number * factor + offset`.
 *
 * Source: exact definitions of the inch (25.4 mm), the avoirdupois pound (0.45359237 kg), the US
 * gallon (231 in³) and standard gravity (9.80665 m/s²): international yard and pound agreement, 1959,
 * and the SI Brochure; psi and lbf follow from them.
 */
export type Dimension =
  | 'length'
  | 'mass'
  | 'pressure'
  | 'temperature'
  | 'temperatureDifference'
  | 'area'
  | 'arealDensity'
  | 'density'
  | 'flow'
  | 'speed'
  | 'stiffness'
  | 'ratio'

/** The habit of a user: the units that figures are shown in. */
export type UnitSystem = 'metric' | 'imperial'

export interface Unit {
  symbol: string
  dimension: Dimension
  factor: number
  offset?: number
  /** Other spellings that are read as this unit; compared without case. */
  aliases: string[]
  /** Decimals that suit a figure in this unit when nothing better is known. */
  decimals: number
}

const inch = 0.0254
const pound = 0.45359237
const standardGravity = 9.80665
const poundForce = pound * standardGravity
const gallon = 231 * inch ** 3

const unit = (
  dimension: Dimension,
  symbol: string,
  factor: number,
  decimals: number,
  aliases: string[] = [],
  offset?: number,
): Unit =>
  offset === undefined
    ? { symbol, dimension, factor, aliases, decimals }
    : { symbol, dimension, factor, aliases, decimals, offset }

export const units: readonly Unit[] = [
  unit('length', 'm', 1, 3, ['metre', 'metres', 'meter', 'meters']),
  unit('length', 'cm', 0.01, 1, ['centimetre', 'centimetres', 'centimeter', 'centimeters']),
  unit('length', 'mm', 0.001, 2, ['millimetre', 'millimetres', 'millimeter', 'millimeters']),
  unit('length', 'µm', 1e-6, 0, ['um', 'μm', 'micron', 'microns', 'micrometre', 'micrometres']),
  unit('length', 'in', inch, 3, ['inch', 'inches', '"', '”', '″', "''", 'in.']),
  unit('length', 'thou', inch / 1000, 1, ['thousandth', 'thousandths', 'th']),
  unit('length', 'ft', 12 * inch, 2, ['foot', 'feet']),
  unit('length', 'km', 1000, 0, ['kilometre', 'kilometres', 'kilometer', 'kilometers']),
  unit('length', 'mi', 63360 * inch, 0, ['mile', 'miles']),

  unit('mass', 'kg', 1, 4, ['kilo', 'kilos', 'kilogram', 'kilograms']),
  unit('mass', 'g', 0.001, 1, ['gram', 'grams', 'gramme', 'grammes', 'gr']),
  unit('mass', 'oz', pound / 16, 2, ['ounce', 'ounces']),
  unit('mass', 'lb', pound, 3, ['lbs', 'pound', 'pounds']),

  unit('pressure', 'Pa', 1, 0, ['pascal', 'pascals']),
  unit('pressure', 'kPa', 1000, 0, ['kilopascal', 'kilopascals']),
  unit('pressure', 'MPa', 1e6, 2, []),
  unit('pressure', 'bar', 1e5, 2, ['bars']),
  unit('pressure', 'psi', poundForce / inch ** 2, 1, ['psid', 'lbf/in2', 'lb/in2']),

  unit('temperature', 'K', 1, 0, ['kelvin']),
  unit('temperature', '°C', 1, 0, ['c', 'degc', 'celsius', 'deg c', 'degrees c', 'degrees celsius'], 273.15),
  unit(
    'temperature',
    '°F',
    5 / 9,
    0,
    ['f', 'degf', 'fahrenheit', 'deg f', 'degrees f', 'degrees fahrenheit'],
    273.15 - (32 * 5) / 9,
  ),

  unit('temperatureDifference', 'ΔK', 1, 0, []),
  unit('temperatureDifference', 'Δ°F', 5 / 9, 0, []),

  unit('area', 'm²', 1, 3, ['m2', 'sq m']),
  unit('area', 'cm²', 1e-4, 0, ['cm2', 'sq cm', 'square centimetres', 'square cm']),
  unit('area', 'mm²', 1e-6, 0, ['mm2', 'sq mm', 'square millimetres', 'square mm']),
  unit('area', 'in²', inch ** 2, 1, ['in2', 'sq in', 'square inches', 'square inch']),

  unit('arealDensity', 'kg/m²', 1, 3, ['kg/m2']),
  unit('arealDensity', 'g/m²', 0.001, 0, ['g/m2', 'gsm']),
  unit('arealDensity', 'oz/in²', pound / 16 / inch ** 2, 4, ['oz/in2']),

  unit('density', 'kg/m³', 1, 0, ['kg/m3']),
  unit('density', 'g/cm³', 1000, 2, ['g/cm3', 'g/cc']),

  unit('flow', 'm³/s', 1, 6, ['m3/s']),
  unit('flow', 'L/min', 0.001 / 60, 1, ['l/min', 'lpm', 'litres a minute']),
  unit('flow', 'gal/min', gallon / 60, 1, ['gpm']),

  unit('speed', 'm/s', 1, 4, []),
  unit('speed', 'mm/s', 0.001, 2, []),
  unit('speed', 'in/s', inch, 3, []),

  unit('stiffness', 'N/m', 1, 0, []),
  unit('stiffness', 'N/mm', 1000, 2, []),
  unit('stiffness', 'lbf/in', poundForce / inch, 2, ['lb/in']),

  unit('ratio', '', 1, 2, ['×', 'x']),
  unit('ratio', '%', 0.01, 1, ['percent', 'per cent', 'pct']),
]

const bySymbol = new Map(units.map((u) => [u.symbol, u]))

/**
 * The unit with this symbol.
 *
 * @param symbol exactly as the app writes it, such as `mm`
 * @throws Error when no unit has the symbol: a fault of the program, not of the user
 * @example unitOf('thou').factor // => 0.0000254
 */
export function unitOf(symbol: string): Unit {
  const found = bySymbol.get(symbol)
  if (!found) throw new Error(`No unit has the symbol "${symbol}"`)
  return found
}

/**
 * Symbol of the SI unit of a dimension.
 *
 * @example siSymbolOf('pressure') // => 'Pa'
 */
export function siSymbolOf(dimension: Dimension): string {
  const si = units.find((unit) => unit.dimension === dimension)
  if (!si) throw new Error(`No unit has the dimension "${dimension}"`)
  return si.symbol
}

/**
 * The unit a person means by a spelling, preferring the dimension that is asked for.
 *
 * Case is ignored, but for the megapascal: "mpa" may as well be a millipascal.
 *
 * @returns undefined when the spelling is no unit here
 * @example findUnit('Inches', 'length')?.symbol // => 'in'
 */
export function findUnit(spelling: string, prefer: Dimension): Unit | undefined {
  const said = spelling.trim().replace(/\s+/g, ' ').replace('^', '')
  const bare = said.toLowerCase().replace(/\.$/, '')
  const exact = units.filter((u) => u.symbol === said || u.aliases.includes(said))
  const loose = units.filter(
    ({ symbol, aliases }) => symbol !== 'MPa' && [symbol, ...aliases].some((known) => known.toLowerCase() === bare),
  )
  const found = exact.length ? exact : loose
  return found.find((u) => u.dimension === prefer) ?? found[0]
}

const dimensionNames: Record<Dimension, string> = {
  length: 'a length',
  mass: 'a weight',
  pressure: 'a pressure',
  temperature: 'a temperature',
  temperatureDifference: 'a difference of temperatures',
  area: 'an area',
  arealDensity: 'a weight per area',
  density: 'a density',
  flow: 'a flow',
  speed: 'a speed',
  stiffness: 'a spring rate',
  ratio: 'a ratio',
}

/**
 * What a dimension is called in a sentence.
 *
 * @example formatDimension('mass') // => 'a weight'
 */
export const formatDimension = (dimension: Dimension): string => dimensionNames[dimension]
