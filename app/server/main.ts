import { readFileSync } from 'node:fs'
import { createServer, type RequestListener, type Server } from 'node:http'
import { createServer as createSecureServer } from 'node:https'
import { closeDatabaseForGood, database } from '#app/data/database.server.ts'
import { startDailyBackups } from '#app/data/daily-backup.server.ts'
import { refreshAllSummaries } from '#app/data/summaries.server.ts'
import { sweepDataFolder } from '#app/data/sweep.server.ts'
import { dataFolder } from '#app/storage/data-folder.ts'
import { FolderInUse, lockFolder } from '#app/storage/folder-lock.ts'
import { finishRestore } from '#app/storage/restore.ts'
import { storageProblemOf } from '#app/storage/storage-problem.ts'
import { announcement } from './announce.ts'
import { createApp } from './app.ts'
import { startThreads } from './threads.ts'

export { answerInThread } from './threads.ts'

const host = process.env.HOST ?? '127.0.0.1'
const port = Number(process.env.PORT ?? 4310)
const isSecure = process.env.TLS_CERT !== undefined
const address = `${isSecure ? 'https' : 'http'}://${host}:${port}`

/** Takes the data folder, ends what a former run left, and serves the app until it is told to stop. */
export async function serve(): Promise<void> {
  const lock = takeFolder()
  await makeReady()
  const threads = startThreads()
  const server = serverOf(createApp())
  server.on('error', (error) => {
    fail(
      'code' in error && error.code === 'EADDRINUSE'
        ? `Port ${port} is taken. Stop what runs there, or choose another: PORT=4311 bin/demo`
        : `The server could not start: ${error.message}`,
    )
  })
  server.listen(port, host, () => console.log(announcement(address)))
  const daily = startDailyBackups()
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      daily.stop()
      void stop(server, threads).then(() => {
        lock.release()
        process.exit(0)
      })
    })
}

/** With a certificate (TLS_CERT and TLS_KEY name its files) over https, else over http. */
function serverOf(app: RequestListener): Server {
  const { TLS_CERT: cert, TLS_KEY: key } = process.env
  if (cert === undefined) return createServer(app)
  if (key === undefined) return fail('TLS_CERT names a certificate; TLS_KEY must name the file of its key.')
  try {
    return createSecureServer({ cert: readFileSync(cert), key: readFileSync(key) }, app)
  } catch (error) {
    return fail(`The certificate cannot be used: ${String(error)}`)
  }
}

function takeFolder(): { release(): void } {
  try {
    return lockFolder(`the server at ${address}`)
  } catch (error) {
    if (error instanceof FolderInUse)
      fail(`${error.message} Open that one, stop it, or give this one a folder of its own: PLICATOR_DATA=… bin/demo`)
    // Without a folder that can be written the app starts all the same, and every page says what is wrong.
    const problem = storageProblemOf(error)
    if (!problem) throw error
    console.error(`${problem.title}: ${dataFolder()}. ${problem.next}`)
    return { release: () => undefined }
  }
}

/** A fault here is told by every page, and the app recovers when its cause goes. */
async function makeReady(): Promise<void> {
  try {
    if (finishRestore()) console.log('A backup that was being put in place has been put in place.')
    await database()
    await sweepDataFolder()
    const count = await refreshAllSummaries()
    if (count > 0) console.log(`Brought up to date what is known of ${count} specimens.`)
  } catch (error) {
    const problem = storageProblemOf(error)
    console.error(problem ? `${problem.title}. ${problem.next}` : error)
  }
}

/** So long requests that run may take to end, in milliseconds. */
const patience = 5000

/** Takes no more requests, lets those that run end, and closes the database, so that its log is in its file. */
async function stop(server: Server, threads: { stop(): Promise<void> }): Promise<void> {
  const ended = new Promise<void>((resolve) => server.close(() => resolve()))
  server.closeIdleConnections()
  const idle = setInterval(() => server.closeIdleConnections(), 50)
  await Promise.race([ended, new Promise((resolve) => setTimeout(resolve, patience))])
  clearInterval(idle)
  server.closeAllConnections()
  await threads.stop()
  await closeDatabaseForGood()
}

function fail(message: string): never {
  console.error(message)
  process.exit(1)
}
