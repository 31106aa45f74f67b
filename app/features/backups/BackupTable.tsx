import { useState } from 'react'
import { href } from 'react-router'
import { useAction } from '#app/features/forms/useAction.ts'
import type { Backup } from '#app/storage/backups.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import type { Restored } from '#app/storage/restore.ts'
import * as texts from '#app/texts/backups.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Caution, Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import { momentInWords } from './age.ts'
import { kindLabels } from './kind-labels.ts'

/** The backups there are, each to be saved elsewhere or put in the place of what is kept. */
export function BackupTable({ backups, aside }: { backups: Backup[]; aside: string[] }) {
  const { send, result, isIdle, refusal } = useAction()
  const [asked, ask] = useState<string>()
  const restored = isIdle && result?.ok && 'restored' in result ? (result.restored as Restored) : undefined
  const restore = (name: string) => {
    ask(undefined)
    send({ intent: 'restore', name })
  }
  return (
    <Card>
      <Stack $gap={6}>
        <h2>{texts.backupsThereAre}</h2>
        <div role="status">
          {!isIdle && texts.theBackupIsBeingCheckedAnd}
          {restored && <WhatChanged restored={restored} />}
        </div>
        <ErrorText role="alert">{refusal}</ErrorText>
        {backups.length === 0 ? (
          <Soft>{texts.backupsWillStandHereOneA}</Soft>
        ) : (
          <Table>
            <thead>
              <tr>
                <th scope="col">{texts.when}</th>
                <th scope="col">{texts.whatIsInIt}</th>
                <th scope="col">{texts.size}</th>
                <th scope="col">{texts.doLabel}</th>
              </tr>
            </thead>
            <tbody>
              {backups.map((backup) => (
                <BackupRow
                  key={backup.name}
                  backup={backup}
                  isAsked={asked === backup.name}
                  isBusy={!isIdle}
                  onAsk={() => ask(backup.name)}
                  onLeave={() => ask(undefined)}
                  onRestore={() => restore(backup.name)}
                />
              ))}
            </tbody>
          </Table>
        )}
        {aside.length > 0 && <Small>{texts.setAsideByARestoreOr(aside.join(', '))}</Small>}
      </Stack>
    </Card>
  )
}

const WhatChanged = ({ restored: { before, after, aside, manifest } }: { restored: Restored }) => (
  <Caution as="div">
    <Stack $gap={4}>
      <strong>{texts.itIsInPlaceAsOf(momentInWords(manifest.madeAt))}</strong>
      <span>{texts.before(before ? describeContents(before) : texts.nothingThatCouldBeRead)}</span>
      <span>{texts.now(describeContents(after))}</span>
      {!manifest.withPhotos && <span>{texts.thereWereNoPicturesInIt}</span>}
      <span>{texts.whatWasThereLiesIn(aside)}</span>
    </Stack>
  </Caution>
)

interface RowProps {
  backup: Backup
  isAsked: boolean
  isBusy: boolean
  onAsk: () => void
  onLeave: () => void
  onRestore: () => void
}

function BackupRow({ backup: { name, bytes, manifest }, isAsked, isBusy, onAsk, onLeave, onRestore }: RowProps) {
  const when = manifest ? momentInWords(manifest.madeAt) : name
  return (
    <tr>
      <td>
        <strong>{when}</strong>
        <br />
        <Small>{manifest ? kindLabels[manifest.kind] : texts.cannotBeRead}</Small>
      </td>
      <td>
        {manifest && describeContents(manifest.contents)}
        {manifest && !manifest.withPhotos && (
          <>
            <br />
            <Small>{texts.withoutThePicturesInLine}</Small>
          </>
        )}
      </td>
      <td style={{ whiteSpace: 'nowrap' }}>{texts.mb((bytes / 1e6).toFixed(1))}</td>
      <td>
        <Row $gap={6}>
          <a href={href('/backups/:name', { name })} aria-label={texts.saveACopyOfTheBackup(when)}>
            {texts.saveACopy}
          </a>
          {manifest && !isAsked && (
            <Button $kind="quiet" isDisabled={isBusy} onPress={onAsk} aria-label={texts.restoreTheBackupOf(when)}>
              {texts.restore}
            </Button>
          )}
        </Row>
        {isAsked && (
          <Stack $gap={6}>
            <span>{texts.allThatIsKeptNowIs}</span>
            <Row $gap={6}>
              <Button $kind="danger" onPress={onRestore}>
                {texts.restoreIt}
              </Button>
              <Button $kind="quiet" onPress={onLeave}>
                {texts.leaveIt}
              </Button>
            </Row>
          </Stack>
        )}
      </td>
    </tr>
  )
}
