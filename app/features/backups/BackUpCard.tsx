import type { BackupSetting } from '#app/data/backup-setting.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import type { Manifest } from '#app/storage/archive-manifest.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import { Button } from '#app/ui/Button.tsx'
import { ErrorText } from '#app/ui/ErrorText.tsx'
import { Card, Row, Small, Stack } from '#app/ui/layout.tsx'
import { SelectMenu } from '#app/ui/SelectMenu.tsx'

interface Props {
  /** Undefined while the database cannot be read. */
  setting: BackupSetting | undefined
  canBackUp: boolean
}

/** Makes a backup now, and says what the app does by itself. */
export function BackUpCard({ setting, canBackUp }: Props) {
  const { send, result, isIdle, refusal } = useAction()
  const { send: keep } = useAction()
  const made = result?.ok && 'made' in result ? (result.made as Manifest) : undefined
  return (
    <Card>
      <Stack $gap={14}>
        <Row>
          <Button
            $kind="primary"
            isDisabled={!canBackUp || !isIdle}
            onPress={() => send({ intent: 'back-up', photos: 'with' })}
          >
            Back up now
          </Button>
          <Button isDisabled={!canBackUp || !isIdle} onPress={() => send({ intent: 'back-up', photos: 'without' })}>
            Without the pictures
          </Button>
          <Small role="status">
            {!isIdle && 'It is being written and checked…'}
            {isIdle && made && `Written and checked: ${describeContents(made.contents)}.`}
          </Small>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
        {setting && (
          <SelectMenu
            label="By itself, every day and at each publication"
            value={setting}
            options={[
              { value: 'database', label: 'the database' },
              { value: 'with-photos', label: 'the database and the pictures' },
              { value: 'off', label: 'nothing' },
            ]}
            onPick={(value) => keep({ intent: 'setting', setting: value })}
          />
        )}
        <Small>
          Of those, the newest of each of the last seven days and of the last four weeks stay. One is made before every
          update of the database. What you make by hand stays until you remove its file.
        </Small>
      </Stack>
    </Card>
  )
}
