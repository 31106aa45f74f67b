import type { Criterion } from '#core/score/criterion.ts'
import type { PreviewLineup } from '#app/data/preview-lineup.server.ts'
import { Card, Soft, Stack } from '#app/ui/layout.tsx'
import { ScoreChangePreview } from './ScoreChangePreview.tsx'

interface Props {
  /** Undefined as long as there is no line-up to try it on. */
  preview: PreviewLineup | undefined
  /** The school that is begun from. */
  name: string
  before: readonly Criterion[]
  after: readonly Criterion[]
}

/** What a school that is being made would do to a line-up. */
export const SchoolEffectCard = ({ preview, name, before, after }: Props) =>
  preview && (
    <Card>
      <Stack $gap={10}>
        <h2>What it would do to {preview.name}</h2>
        <Soft>Against {name} as it stands.</Soft>
        <ScoreChangePreview preview={preview} before={before} after={after} />
      </Stack>
    </Card>
  )
