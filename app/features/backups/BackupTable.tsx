import { useState } from 'react'
import { href } from 'react-router'
import { useAction } from '#app/features/forms/useAction.ts'
import type { Backup } from '#app/storage/backups.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import type { Restored } from '#app/storage/restore.ts'
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
        <h2>Backups there are</h2>
        <div role="status">
          {!isIdle && 'The backup is being checked and put in place…'}
          {restored && <WhatChanged restored={restored} />}
        </div>
        <ErrorText role="alert">{refusal}</ErrorText>
        {backups.length === 0 ? (
          <Soft>Backups will stand here: one a day, one at each publication, and those that you make above.</Soft>
        ) : (
          <Table>
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">What is in it</th>
                <th scope="col">Size</th>
                <th scope="col">Do</th>
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
        {aside.length > 0 && (
          <Small>
            Set aside by a restore or a reset, in the data folder: {aside.join(', ')}. Remove them yourself when you do
            not need them.
          </Small>
        )}
      </Stack>
    </Card>
  )
}

const WhatChanged = ({ restored: { before, after, aside, manifest } }: { restored: Restored }) => (
  <Caution as="div">
    <Stack $gap={4}>
      <strong>It is in place, as of {momentInWords(manifest.madeAt)}.</strong>
      <span>Before: {before ? describeContents(before) : 'nothing that could be read'}.</span>
      <span>Now: {describeContents(after)}.</span>
      {!manifest.withPhotos && <span>There were no pictures in it: those that were there stay.</span>}
      <span>What was there lies in {aside}.</span>
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
        <Small>{manifest ? kindLabels[manifest.kind] : 'cannot be read'}</Small>
      </td>
      <td>
        {manifest && describeContents(manifest.contents)}
        {manifest && !manifest.withPhotos && (
          <>
            <br />
            <Small>without the pictures</Small>
          </>
        )}
      </td>
      <td style={{ whiteSpace: 'nowrap' }}>{(bytes / 1e6).toFixed(1)} MB</td>
      <td>
        <Row $gap={6}>
          <a href={href('/backups/:name', { name })} aria-label={`Save a copy of the backup of ${when}`}>
            Save a copy
          </a>
          {manifest && !isAsked && (
            <Button $kind="quiet" isDisabled={isBusy} onPress={onAsk} aria-label={`Restore the backup of ${when}`}>
              Restore
            </Button>
          )}
        </Row>
        {isAsked && (
          <Stack $gap={6}>
            <span>All that is kept now is exchanged for this, and set aside.</span>
            <Row $gap={6}>
              <Button $kind="danger" onPress={onRestore}>
                Restore it
              </Button>
              <Button $kind="quiet" onPress={onLeave}>
                Leave it
              </Button>
            </Row>
          </Stack>
        )}
      </td>
    </tr>
  )
}
