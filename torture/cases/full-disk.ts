import { rmSync, statfsSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { startServer } from '../../benchmarks/server-process.ts'
import { note, noOutcome, type Case } from '../case.ts'
import { onOwnDisk } from '../disk.ts'
import { isWhole, specimenIds } from '../folder.ts'
import { countLost, takeReading, type Accepted } from '../writing.ts'

/** The disk fills up under the server, and room is made again: what was accepted is there, and it goes on by itself. */
export const fullDisk: Case = {
  name: 'the disk is full',
  times: { whole: 3, short: 1 },
  async run(times, random) {
    const outcome = noOutcome()
    return onOwnDisk(outcome, { times, size: '12m' }, async (disk) => {
      const [specimen = ''] = specimenIds(disk)
      const server = await startServer(disk)
      const accepted: Accepted = new Map()
      await takeReading(server.url, specimen, accepted, random)
      const filler = join(disk, 'filler')
      const { bavail, bsize } = statfsSync(disk)
      writeFileSync(filler, Buffer.alloc(Math.max(0, bavail * bsize - 8192)))
      const statuses = new Set<number | undefined>()
      for (let reading = 0; reading < 60; reading++)
        statuses.add(await takeReading(server.url, specimen, accepted, random))
      const page = await (await fetch(`${server.url}/library`)).text()
      rmSync(filler)
      const again = await takeReading(server.url, specimen, accepted, random)
      await server.stop()
      const odd = [...statuses].filter((status) => status !== 200 && status !== 503)
      const remark =
        odd.length > 0
          ? `it answered ${odd.join(', ')}`
          : !statuses.has(503)
            ? 'it never was full'
            : again !== 200
              ? `with room again it answered ${again}`
              : !page.includes('Library') || !isWhole(disk)
                ? 'the pages or the database are not whole'
                : undefined
      note(outcome, countLost(disk, accepted), remark)
    })
  },
}
