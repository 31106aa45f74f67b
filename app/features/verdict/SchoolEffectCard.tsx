import type { Criterion } from '#core/score/criterion.ts'
import type { PreviewLineup } from '#app/data/preview-lineup.server.ts'
import * as texts from '#app/texts/schools.ts'
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
        <h2>{texts.whatItWouldDoTo(preview.name)}</h2>
        <Soft>{texts.againstAsItStands(name)}</Soft>
        <ScoreChangePreview preview={preview} before={before} after={after} />
      </Stack>
    </Card>
  )
