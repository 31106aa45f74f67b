import { z } from 'zod'
import { backUpNow, backupOverview, restoreBackup } from '#app/data/backups.server.ts'
import { backupSettings, saveBackupSetting } from '#app/data/backup-setting.server.ts'
import { now } from '#app/data/clock.ts'
import { BackUpCard } from '#app/features/backups/BackUpCard.tsx'
import { BackupTable } from '#app/features/backups/BackupTable.tsx'
import { BringInCard } from '#app/features/backups/BringInCard.tsx'
import { DamagedCard } from '#app/features/backups/DamagedCard.tsx'
import { LastBackupCard } from '#app/features/backups/LastBackupCard.tsx'
import * as texts from '#app/texts/backups.ts'
import { Page, Soft, Stack } from '#app/ui/layout.tsx'
import type { Route } from './+types/backups'
import { accepted, fieldsOf, parseFields, refused } from './http.server.ts'

export const meta: Route.MetaFunction = () => [{ title: texts.backupsTitle }]

export const loader = async () => ({ ...(await backupOverview()), now: now() })

const schema = z.discriminatedUnion('intent', [
  z.object({ intent: z.literal('back-up'), photos: z.enum(['with', 'without']) }),
  z.object({ intent: z.literal('restore'), name: z.string().max(200) }),
  z.object({ intent: z.literal('setting'), setting: z.enum(backupSettings) }),
])

export async function action({ request }: Route.ActionArgs) {
  const parsed = parseFields(schema, await fieldsOf(request))
  if (!parsed.ok) return parsed.refusal
  switch (parsed.value.intent) {
    case 'back-up': {
      const { manifest } = await backUpNow(parsed.value.photos === 'with')
      return accepted({ made: manifest })
    }
    case 'restore': {
      const restored = await restoreBackup(parsed.value.name)
      return restored.ok ? accepted({ restored: restored.value }) : refused(restored.problem.message)
    }
    case 'setting':
      await saveBackupSetting(parsed.value.setting)
      return accepted()
  }
}

export default function Backups({ loaderData }: Route.ComponentProps) {
  const { backups, contents, setting, aside, now: present } = loaderData
  const known = backups.flatMap(({ manifest }) => manifest ?? [])
  return (
    <Page>
      <Stack $gap={4}>
        <h1>{texts.backups}</h1>
        <Soft>{texts.oneFileEachTheDatabaseThe}</Soft>
      </Stack>
      {!contents && <DamagedCard />}
      <LastBackupCard backups={known} contents={contents} now={present} />
      <BackUpCard setting={setting} canBackUp={contents !== undefined} />
      <BackupTable backups={backups} aside={aside} />
      <BringInCard />
    </Page>
  )
}
