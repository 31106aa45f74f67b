import { readdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import Papa from 'papaparse'
import { describe, expect, test, vi } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from './applications.server.ts'
import { database, importDatabase, writableDatabase } from './database.server.ts'
import { streamReadings } from './exports.server.ts'
import { beginImport, cancelImport, confirmImport, findImport, streamRowResults } from './imports.server.ts'
import { listInstruments } from './instruments.server.ts'
import { listReadings } from './readings.server.ts'
import { listAllSpecimens } from './specimens.server.ts'
import { sweepDataFolder } from './sweep.server.ts'

demoDatabase()

const text = async (stream: ReadableStream<Uint8Array>): Promise<string> => new Response(stream).text()
const count = async (): Promise<number> => Number((await (await database())('reading').count({ n: '*' }).first())!.n)

const shownCount = async (): Promise<number> =>
  Number((await (await database())('shownReading').count({ n: '*' }).first())!.n)

async function upload(csv: string | Buffer): Promise<string> {
  const begun = await beginImport('test.csv', new Response(csv as BodyInit).body!)
  if ('refused' in begun) throw new Error(begun.refused)
  return begun.id
}
async function begin(csv: string | Buffer): Promise<string> {
  const id = await upload(csv)
  await vi.waitFor(async () => expect((await findImport(id))!.state).not.toBe('reading'), { timeout: 20_000 })
  return id
}
async function write(id: string): Promise<void> {
  expect(confirmImport(id)).toBeUndefined()
  await vi.waitFor(async () => expect((await findImport(id))!.state).not.toBe('writing'), { timeout: 20_000 })
}

describe('import', () => {
  test('what was exported is there already, row by row', async () => {
    const before = await count()
    const csv = await text(streamReadings(await listAllSpecimens()))
    const id = await begin(csv)
    expect(await findImport(id)).toMatchObject({
      state: 'ready',
      rows: before,
      counts: { new: 0, there: before, refused: 0 },
    })
    const rowResults = Papa.parse<string[]>(await text(streamRowResults(id)!), { skipEmptyLines: true }).data
    expect(rowResults).toHaveLength(before + 1)
    expect(rowResults[1]).toEqual(['2', 'there already', ''])
  })

  test('new rows make what is missing on the way, and a second import finds them there', async () => {
    const before = await count()
    const csv = (await text(streamReadings(await listAllSpecimens())))
      .replaceAll('Corvane', 'Tarnfield')
      .replaceAll('CV-214', 'T-9')
    const id = await begin(csv)
    const { counts } = (await findImport(id))!
    expect(counts.new).toBeGreaterThan(200)
    expect(counts.refused).toBe(0)
    await write(id)
    expect((await findImport(id))!.state).toBe('done')
    expect(await count()).toBe(before + counts.new)
    expect(
      (await listAllSpecimens()).filter(({ brand, partNumber }) => brand === 'Tarnfield' && partNumber === 'T-9'),
    ).toHaveLength(3)

    const again = await begin(csv)
    expect((await findImport(again))!.counts.new).toBe(0)
    expect(await count()).toBe(before + counts.new)
  })

  test('one bad row refuses all, and says which', async () => {
    const before = await count()
    const lines = (await text(streamReadings(await listAllSpecimens()))).replaceAll('Norrith', 'Otherby').split('\r\n')
    const bad = lines.findIndex((line) => line.includes('can.wall') && line.includes('Otherby'))
    lines[bad] = lines[bad]!.replace('can.wall', 'can.paint')
    const id = await begin(lines.join('\r\n'))
    expect(await findImport(id)).toMatchObject({
      counts: { refused: 1 },
      problems: [{ row: bad + 1, message: 'There is no characteristic "can.paint".' }],
    })
    expect(confirmImport(id)).toMatch(/all or nothing/)
    expect(await count()).toBe(before)
  })

  describe('instruments', () => {
    const rowsWith = async (instrument: string, brand: string) => {
      const [head, ...rows] = (await text(streamReadings(await listAllSpecimens()))).split('\r\n')
      const { data } = Papa.parse<string[]>([head, rows.find((row) => row.includes('can.wall'))].join('\r\n'))
      const [columns, row] = data as [string[], string[]]
      row[columns.indexOf('instrument')] = instrument
      row[columns.indexOf('brand')] = brand
      return Papa.unparse([columns, row])
    }

    test('one that is named is found by its name, and its reading is taken with it', async () => {
      const [known] = await listInstruments()
      const id = await begin(await rowsWith(known!.name, 'Named'))
      await write(id)
      const specimen = (await listAllSpecimens()).find(({ brand }) => brand === 'Named')!
      expect((await listReadings(specimen.id)).map(({ instrumentId }) => instrumentId)).toEqual([known!.id])
    })

    test('one that is not in the list is refused with its row, and nothing is written', async () => {
      const before = await count()
      const id = await begin(await rowsWith('a borrowed gauge', 'Borrowed'))
      expect((await findImport(id))!.problems).toEqual([
        {
          row: 2,
          message: 'There is no instrument "a borrowed gauge". Enter it under Instruments, or leave the column empty.',
        },
      ])
      expect(confirmImport(id)).toMatch(/all or nothing/)
      expect(await count()).toBe(before)
    })
  })

  test.each([
    ['application,brand\r\nx,y\r\n', /lacks the columns part number, revision/],
    ['', /no rows/],
    ['\u0000\u0001garbage', /no rows|lacks the columns/],
  ])('a file that is something else is not imported: %j', async (csv, message) => {
    const id = await upload(csv || ' ')
    await vi.waitFor(async () => expect((await findImport(id))!.state).toBe('failed'))
    expect((await findImport(id))!.message).toMatch(message)
  })

  test('an import nobody knows cannot be written, nor cancelled', () => {
    expect(confirmImport('nobody')).toMatch(/no longer known/)
    expect(cancelImport('nobody')).toMatch(/not under way/)
  })

  const bytesIn = {
    'UTF-8 with its mark': (csv: string) => Buffer.from(`\ufeff${csv}`),
    'UTF-16': (csv: string) => Buffer.from(`\ufeff${csv}`, 'utf16le'),
    'UTF-16 the other way round': (csv: string) => Buffer.from(`\ufeff${csv}`, 'utf16le').swap16(),
    'Windows-1252': (csv: string) => Buffer.from(csv.replaceAll('µ', 'u').replaceAll('Ω', 'O'), 'latin1'),
  }

  test.each(Object.entries(bytesIn))('a file in %s is read', async (_, encode) => {
    const [first] = await listAllSpecimens()
    const csv = (await text(streamReadings([first!]))).replaceAll(first!.applicationName, 'Brücke')
    const id = await begin(encode(csv))
    expect(await findImport(id)).toMatchObject({ state: 'ready', counts: { there: 0, refused: 0 } })
    await write(id)
    expect((await listApplications()).some(({ name }) => name === 'Brücke')).toBe(true)
    const made = (await listAllSpecimens()).filter(({ applicationName }) => applicationName === 'Brücke')
    for (const { id: specimen } of made)
      await (await writableDatabase())('reading').where({ specimenId: specimen }).delete()
    await (
      await writableDatabase()
    )('specimen')
      .whereIn(
        'id',
        made.map(({ id: one }) => one),
      )
      .delete()
  })

  test('cells apart by semicolons are read', async () => {
    const csv = await text(streamReadings((await listAllSpecimens()).slice(0, 1)))
    const rows = Papa.parse<string[]>(csv.trim()).data
    const id = await begin(Papa.unparse(rows, { delimiter: ';' }))
    expect(await findImport(id)).toMatchObject({ state: 'ready', counts: { new: 0, refused: 0 } })
  })

  test.each([
    ['a row of commas', `a,b\n${','.repeat(1_000_000)}`, 'Row 2 has more than 256 columns.'],
    ['a head of commas', ','.repeat(1_000_000), 'Row 1 has more than 256 columns.'],
    ['a quote that is never closed', `a,"${'b'.repeat(30_000)}`, 'A cell of row 1 has more than 20,000 letters'],
  ])('%s is refused at once', async (_, csv, message) => {
    const id = await upload(csv)
    await vi.waitFor(async () => expect((await findImport(id))!.state).toBe('failed'), { timeout: 2000 })
    expect((await findImport(id))!.message).toContain(message)
  })

  test('of many refused rows the first are told and all are in the file', async () => {
    const csv = await text(streamReadings((await listAllSpecimens()).slice(0, 1)))
    const [head, row] = Papa.parse<string[]>(csv).data
    const refused = row!.map((cell) => (cell === 'spin-on' || cell === 'cartridge' ? 'bucket' : cell))
    const id = await begin(Papa.unparse([head!, ...Array.from({ length: 1500 }, () => refused)]))
    const job = (await findImport(id))!
    expect([job.counts.refused, job.problems.length]).toEqual([1500, 200])
    const results = Papa.parse<string[]>(await text(streamRowResults(id)!), { skipEmptyLines: true }).data
    expect(results).toHaveLength(1501)
    expect(results.at(-1)!.slice(0, 2)).toEqual(['1501', 'refused'])
  })

  test('one that is cancelled writes nothing, whether it was looked through or being written', async () => {
    const before = await count()
    const csv = (await text(streamReadings(await listAllSpecimens()))).replaceAll('Norrith', 'Cancelled')
    const reading = await upload(csv)
    expect(cancelImport(reading)).toBeUndefined()
    const writing = await begin(csv)
    expect(confirmImport(writing)).toBeUndefined()
    expect(cancelImport(writing)).toBeUndefined()
    for (const id of [reading, writing]) {
      await vi.waitFor(async () => expect((await findImport(id))!.state).toBe('failed'))
      expect((await findImport(id))!.message).toBe('It was cancelled. Nothing of it was written.')
    }
    expect(await count()).toBe(before)
  })

  test('one that takes too long is ended, and says what to do', async () => {
    const csv = await text(streamReadings(await listAllSpecimens()))
    const begun = await beginImport('test.csv', new Response(csv).body!, 0)
    const id = 'id' in begun ? begun.id : ''
    await vi.waitFor(async () => expect((await findImport(id))!.state).toBe('failed'))
    expect((await findImport(id))!.message).toMatch(/too long .* Split it/)
  })

  test('one name written in two ways makes one line-up, as the dry run says', async () => {
    const csv = await text(streamReadings((await listAllSpecimens()).slice(0, 1)))
    const [head, ...rows] = csv.trim().split('\r\n')
    const name = (await listAllSpecimens())[0]!.applicationName
    const [upper, lower] = ['Ölmotor', 'ölmotor'].map((other) => rows.map((row) => row.replaceAll(name, other)))
    const id = await begin([head, ...upper!, ...lower!].join('\r\n'))
    expect((await findImport(id))!.counts).toMatchObject({ new: rows.length, there: rows.length, refused: 0 })
    await write(id)
    const made = (await listApplications()).filter(({ name: one }) => one.toLowerCase() === 'ölmotor')
    expect(made).toHaveLength(1)
  })

  test('nothing of it is seen before all of it is, and other work goes on', async () => {
    const csv = (await text(streamReadings(await listAllSpecimens()))).replaceAll('Quarrow', 'Hidden')
    const id = await begin(csv)
    const { counts } = (await findImport(id))!
    const readings = await count()
    const specimens = (await listAllSpecimens()).length
    expect(confirmImport(id)).toBeUndefined()
    const seen = new Set<number>()
    while ((await findImport(id))!.state === 'writing') {
      seen.add(await shownCount())
      expect((await listAllSpecimens()).length).toBe(specimens)
      await new Promise((resolve) => setImmediate(resolve))
    }
    expect([...seen].filter((shown) => shown !== readings && shown !== readings + counts.new)).toEqual([])
    expect(await shownCount()).toBe(readings + counts.new)
    expect((await listAllSpecimens()).length).toBeGreaterThan(specimens)
  })

  test('one that the server left unfinished is taken back at the next start, and says so', async () => {
    const before = await count()
    const db = await importDatabase()
    const id = 'unfinished01'
    const row = { id, name: 'half.csv', state: 'writing', createdAt: '2026-11-25T10:00:00.000Z' }
    await (await writableDatabase())('import').insert(row)
    await db('reading').insert(
      Array.from({ length: 3 }, (_, index) => ({
        id: `half${index}`,
        specimenId: 'notmadeyet00',
        characteristic: 'can.wall',
        rawInput: '0.5 mm',
        evidence: 'measured',
        recordedAt: '2026-11-25T10:00:00.000Z',
        importId: id,
      })),
    )
    writeFileSync(join(process.env.PLICATOR_DATA!, 'imports', `${id}.csv`), 'left')
    expect(await shownCount()).toBe(before)
    await sweepDataFolder()
    expect(await count()).toBe(before)
    expect(await findImport(id)).toMatchObject({ state: 'failed', message: expect.stringMatching(/Nothing of it was/) })
    expect(readdirSync(join(process.env.PLICATOR_DATA!, 'imports'))).toEqual([])
  })
})
