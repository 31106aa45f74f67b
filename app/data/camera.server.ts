import { cameraPress, cameraRuns, type CameraPause } from '#core/teardown/camera-runs.ts'
import { ok, type Result } from '#core/result.ts'
import { database, writableDatabase } from './database.server.ts'
import { newId } from './id.ts'
import type { Specimen } from './specimens.server.ts'

/** When the camera stopped while a specimen was filmed, oldest first. */
export async function listCameraPauses(specimenId: string): Promise<CameraPause[]> {
  const db = await database()
  return db('cameraPause').where({ specimenId }).orderBy('stoppedAt').select('id', 'stoppedAt', 'resumedAt')
}

/** Sets when filming of a specimen began, null when it was not filmed; pauses that are not after that go. */
export async function saveFilming(id: string, at: string | null): Promise<void> {
  const db = await writableDatabase()
  await db.transaction(async (trx) => {
    const own = trx('cameraPause').where({ specimenId: id })
    await (at === null ? own : own.where('stoppedAt', '<=', at)).delete()
    await trx('specimen').where({ id }).update({ filmingAt: at })
  })
}

/** Stops the camera, or has it run again; says why it cannot. */
export async function pressCamera({ id, filmingAt }: Specimen, at: string): Promise<Result<'stops' | 'runs-again'>> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    const pauses: CameraPause[] = await trx('cameraPause').where({ specimenId: id }).orderBy('stoppedAt')
    const press = cameraPress(cameraRuns(filmingAt, pauses), at)
    if (!press.ok) return press
    if (press.value === 'stops') await trx('cameraPause').insert({ id: newId(), specimenId: id, stoppedAt: at })
    else await trx('cameraPause').where({ specimenId: id, resumedAt: null }).update({ resumedAt: at })
    return ok(press.value)
  })
}

/** Takes back the last press. */
export async function undoCameraPress(specimenId: string): Promise<void> {
  const db = await writableDatabase()
  await db.transaction(async (trx) => {
    const last: CameraPause | undefined = await trx('cameraPause')
      .where({ specimenId })
      .orderBy('stoppedAt', 'desc')
      .first()
    if (!last) return
    if (last.resumedAt === null) await trx('cameraPause').where({ id: last.id }).delete()
    else await trx('cameraPause').where({ id: last.id }).update({ resumedAt: null })
  })
}
