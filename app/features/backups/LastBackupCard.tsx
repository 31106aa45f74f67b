import { styled } from 'styled-components'
import { millisecondsPerDay } from '#core/calendar.ts'
import { formatCount } from '#core/quantity/format.ts'
import type { Contents, Manifest } from '#app/storage/archive-manifest.ts'
import * as texts from '#app/texts/backups.ts'
import { Alert, Card, Row, Small, Soft, Stack, Unseen } from '#app/ui/layout.tsx'
import { ageInWords, momentInWords } from './age.ts'
import { kindLabels } from './kind-labels.ts'

interface Props {
  /** Newest first. */
  backups: Manifest[]
  contents: Contents | undefined
  now: string
}

/** What the newest backup holds beside what there is now, and when backups were made. */
export function LastBackupCard({ backups, contents, now }: Props) {
  const [newest] = backups
  if (!newest)
    return (
      <Card>
        <Stack>
          <h2>{texts.noBackupYet}</h2>
          <Alert>{texts.whatWasRecordedIsInOne}</Alert>
        </Stack>
      </Card>
    )
  return (
    <Card>
      <Stack $gap={18}>
        <Row $between>
          <Stack $gap={2}>
            <h2>{texts.theNewest(ageInWords(newest.madeAt, now))}</h2>
            <Soft>
              {momentInWords(newest.madeAt)}, {kindLabels[newest.kind]},{' '}
              {newest.withPhotos ? texts.withThePictures : texts.theDatabaseAlone}
            </Soft>
          </Stack>
          <DayStrip days={backups.map(({ madeAt }) => madeAt.slice(0, 10))} now={now} />
        </Row>
        {contents && <Held held={newest.contents} now={contents} />}
      </Stack>
    </Card>
  )
}

const lines: [keyof Contents, string][] = [
  ['readings', 'reading'],
  ['specimens', 'specimen'],
  ['products', 'product'],
  ['photos', 'picture'],
  ['verdicts', 'verdict'],
]

const Grid = styled.div`
  display: grid;
  grid-template-columns: max-content minmax(120px, 1fr) max-content;
  align-items: center;
  gap: 8px 16px;
`

const Bar = styled.span`
  display: flex;
  height: 10px;
  border-radius: 5px;
  overflow: hidden;
  background: var(--raised);
  > :first-child {
    background: var(--green);
  }
  > :last-child {
    background: repeating-linear-gradient(135deg, var(--amber) 0 4px, transparent 4px 8px);
  }
`

/** Line by line: the share of what there is now that the backup holds, and how much has come since. */
const Held = ({ held, now }: { held: Contents; now: Contents }) => (
  <Grid>
    {lines
      .filter(([key]) => now[key] > 0 || held[key] > 0)
      .map(([key, noun]) => {
        const since = Math.max(0, now[key] - held[key])
        const share = now[key] === 0 ? 1 : Math.min(1, held[key] / now[key])
        return (
          <div key={key} style={{ display: 'contents' }}>
            <span>{formatCount(held[key], noun)}</span>
            <Bar aria-hidden>
              <span style={{ width: `${share * 100}%` }} />
              <span style={{ width: `${(1 - share) * 100}%` }} />
            </Bar>
            <Small>{since === 0 ? texts.allOfIt : texts.sinceThen(since)}</Small>
          </div>
        )
      })}
  </Grid>
)

const shownDays = 28

const Strip = styled.span`
  display: inline-grid;
  grid-auto-flow: column;
  gap: 3px;
  align-items: end;
  i {
    width: 8px;
    height: 8px;
    border-radius: 2px;
    background: var(--line);
  }
  i[data-made] {
    height: 22px;
    background: var(--green);
  }
`

/** The last four weeks, a mark a day; a tall one for a day on which a backup was made that is still kept. */
function DayStrip({ days, now }: { days: string[]; now: string }) {
  const made = new Set(days)
  const last = Date.parse(now.slice(0, 10))
  const shown = Array.from({ length: shownDays }, (_, index) =>
    new Date(last - (shownDays - 1 - index) * millisecondsPerDay).toISOString().slice(0, 10),
  )
  const count = shown.filter((day) => made.has(day)).length
  return (
    <Stack $gap={4} style={{ justifyItems: 'end' }}>
      <Strip aria-hidden>
        {shown.map((day) => (
          <i key={day} title={day} data-made={made.has(day) || undefined} />
        ))}
      </Strip>
      <Small>
        <Unseen>{`${texts.backupsAreKeptOf} `}</Unseen>
        {texts.daysOfTheLastFourWeeks(count)}
      </Small>
    </Stack>
  )
}
