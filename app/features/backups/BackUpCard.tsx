import type { BackupSetting } from '#app/data/backup-setting.server.ts'
import { useAction } from '#app/features/forms/useAction.ts'
import type { Manifest } from '#app/storage/archive-manifest.ts'
import { describeContents } from '#app/storage/describe-contents.ts'
import * as texts from '#app/texts/backups.ts'
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
            {texts.backUpNow}
          </Button>
          <Button isDisabled={!canBackUp || !isIdle} onPress={() => send({ intent: 'back-up', photos: 'without' })}>
            {texts.withoutThePictures}
          </Button>
          <Small role="status">
            {!isIdle && texts.itIsBeingWrittenAndChecked}
            {isIdle && made && texts.writtenAndChecked(describeContents(made.contents))}
          </Small>
        </Row>
        <ErrorText role="alert">{refusal}</ErrorText>
        {setting && (
          <SelectMenu
            label={texts.byItselfEveryDayAndAt}
            value={setting}
            options={[
              { value: 'database', label: texts.theDatabase },
              { value: 'with-photos', label: texts.theDatabaseAndThePictures },
              { value: 'off', label: 'nothing' },
            ]}
            onPick={(value) => keep({ intent: 'setting', setting: value })}
          />
        )}
        <Small>{texts.ofThoseTheNewestOfEach}</Small>
      </Stack>
    </Card>
  )
}
