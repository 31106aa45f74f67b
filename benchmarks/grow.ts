/**
 * A made-up library of a size to choose, seeded: npm run grow -- [folder] [readings] [specimens] [line-ups].
 * Without a word it makes 150,000 readings of 1,994 specimens in 42 line-ups.
 */
import { join } from 'node:path'
import { addApplication } from '#app/data/applications.server.ts'
import { closeDatabase, writableDatabase } from '#app/data/database.server.ts'
import { addProduct, findProduct } from '#app/data/products.server.ts'
import { addReadings, type NewReading } from '#app/data/readings.server.ts'
import { addSpecimen } from '#app/data/specimens.server.ts'
import { siSymbolOf } from '#core/quantity/units.ts'
import { catalogueFor, type Characteristic } from '#core/catalogue/index.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { defaultEvidence, readingOfEntry } from '#core/teardown/reading.ts'

export interface LibrarySize {
  readings: number
  specimens: number
  lineups: number
}

export const largeLibrary: LibrarySize = { readings: 150_000, specimens: 1994, lineups: 42 }

/** Ids that are the same whenever the same library is made. */
function idMaker(): () => string {
  let count = 0
  return () => (++count).toString(36).padStart(12, '0')
}

/** Every fourth product has three specimens, so that units of one product can be told apart. */
const specimensOf = (product: number): number => (product % 4 === 0 ? 3 : 1)

/** Fills an empty database. */
export async function grow({ readings, specimens, lineups }: LibrarySize): Promise<void> {
  const newId = idMaker()
  const all = catalogueFor('spin-on')
  // Two are left open, so that there is a next reading to go to.
  const recorded = all.filter(({ key }) => !['media.layers', 'media.type'].includes(key))
  const asked = [...recorded.filter(({ extra }) => !extra), ...recorded.filter(({ extra }) => extra)]
  const recordedAt = '2026-01-01T08:00:00.000Z'
  let made = 0
  let written = 0
  for (let lineup = 0; lineup < lineups; lineup++) {
    const application = newId()
    await addApplication({ ...anApplication, id: application, name: `Engine ${lineup}` })
    const upTo = Math.round(((lineup + 1) * specimens) / lineups)
    for (let product = 0; made < upTo; product++) {
      const revision = await newProduct(application, lineup, product, newId)
      for (let unit = 0; unit < specimensOf(product) && made < upTo; unit++) {
        const specimen = newId()
        await addSpecimen({ ...aSpecimen, id: specimen, revisionId: revision, label: String.fromCharCode(65 + unit) })
        made++
        const due = Math.round((made * readings) / specimens) - written
        await addReadings(
          Array.from({ length: due }, (_, turn): NewReading => {
            const c = asked[turn % asked.length]!
            const text = typed(c, lineup * 53 + product * 17 + unit + turn)
            return { ...readingOf(c, text), id: newId(), specimenId: specimen, recordedAt }
          }),
        )
        written += due
      }
    }
  }
}

async function newProduct(application: string, lineup: number, product: number, newId: () => string): Promise<string> {
  const id = newId()
  await addProduct({
    id,
    applicationId: application,
    brand: `Brand ${product % 25}`,
    partNumber: `P-${lineup}-${product}`,
    form: 'spin-on',
    tier: (['low', 'middle', 'top'] as const)[product % 3]!,
    nickname: '',
    revision: '',
  })
  return (await findProduct(id))!.revisions[0]!.id
}

const anApplication = {
  machine: '',
  form: 'spin-on' as const,
  thread: 'M20 x 1.5',
  bypass: 'filter' as const,
  bypassOpening: 1e5,
  oilTemperatureMin: null,
  oilTemperatureMax: null,
  serviceIntervals: {},
  maxHeight: null,
  maxDiameter: null,
  mounting: '' as const,
  gasketLand: null,
  note: '',
  sizeClass: '' as const,
  trouble: '' as const,
  rawInput: {},
}

const aSpecimen = {
  acquisition: 'bought' as const,
  givenBy: '',
  paidMinor: 900,
  currency: 'EUR',
  shop: 'Harbour shop',
  rawInput: {},
}

function readingOf(c: Characteristic, text: string): Omit<NewReading, 'id' | 'specimenId'> {
  const entry = parseEntry(c, { text })
  if (!entry.ok) throw new Error(`${c.key} ${text}: ${entry.problem.message}`)
  return {
    characteristic: c.key,
    rawInput: text,
    ...readingOfEntry(entry.value),
    evidence: defaultEvidence(c),
    instrumentId: null,
    source: null,
    note: null,
  }
}

/** What could be typed for a characteristic; a number that wanders inside its typical range. */
function typed(c: Characteristic, turn: number): string {
  const share = ((turn * 7919) % 1000) / 1000
  switch (c.kind) {
    case 'quantity': {
      const [low, high] = c.typical
      return `${(low + share * (high - low)).toFixed(6)} ${siSymbolOf(c.dimension)}`
    }
    case 'count':
      return String(Math.round(c.typical[0] + share * (c.typical[1] - c.typical[0])))
    case 'choice':
      return c.options[turn % c.options.length]!.value
    case 'grade':
      return String(turn % c.anchors.length)
    case 'fault':
      return 'none'
    case 'thread':
      return 'M20 x 1.5'
    case 'openings':
      return `${5 + (turn % 3)} x 5.8 mm`
    default:
      return `note ${turn}`
  }
}

if (process.argv[1] === import.meta.filename) {
  const [folder, readings, specimens, lineups] = process.argv.slice(2)
  process.env.PLICATOR_DATA = folder ?? join(process.cwd(), 'data-large')
  const size = {
    readings: Number(readings ?? largeLibrary.readings),
    specimens: Number(specimens ?? largeLibrary.specimens),
    lineups: Number(lineups ?? largeLibrary.lineups),
  }
  // Speed is all that counts while it is made: it can be made again.
  await (await writableDatabase()).raw('pragma synchronous = OFF')
  await grow(size)
  await closeDatabase()
  console.log(`${size.readings} readings of ${size.specimens} specimens in ${process.env.PLICATOR_DATA}`)
}
