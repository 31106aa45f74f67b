import { useState } from 'react'
import { timeOnFilm, type CameraRun } from '#core/teardown/camera-runs.ts'
import * as texts from '#app/texts/specimen.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { LogEntry } from './log-entries.ts'
import { formatDuration, groupLog } from './log-groups.ts'
import { useLocalTime } from '#app/ui/useLocalTime.ts'

const kinds: readonly { key: LogEntry['kind']; label: string }[] = [
  { key: 'Reading', label: texts.readings },
  { key: 'No return', label: texts.pointsOfNoReturn },
  { key: 'Note', label: texts.notes },
  { key: 'Photo', label: texts.photos },
]

/** What happened when, station by station with how long each took, and where that is on the film. */
export function LogTable({ entries, runs }: { entries: LogEntry[]; runs: readonly CameraRun[] }) {
  const { zone, timeOf, dayOf } = useLocalTime()
  const isFilmed = runs.length > 0
  const [hidden, hide] = useState<ReadonlySet<LogEntry['kind']>>(new Set())
  if (entries.length === 0) return <Soft>{texts.nothingHasBeenRecordedYet}</Soft>
  const toggle = (kind: LogEntry['kind']) =>
    hide((before) => new Set(before.has(kind) ? [...before].filter((one) => one !== kind) : [...before, kind]))
  const present = kinds.filter(({ key }) => entries.some(({ kind }) => kind === key))
  return (
    <Stack $gap={10}>
      <Row role="group" aria-label={texts.show} $gap={8}>
        {present.map(({ key, label }) => (
          <Button key={key} aria-pressed={!hidden.has(key)} onPress={() => toggle(key)}>
            {hidden.has(key) ? '○' : '●'} {label}
          </Button>
        ))}
      </Row>
      <Table>
        <thead>
          <tr>
            <th scope="col">{texts.time(zone)}</th>
            {isFilmed && <th scope="col">{texts.onFilm}</th>}
            <th scope="col">{texts.what}</th>
            <th scope="col">{texts.entry}</th>
          </tr>
        </thead>
        {groupLog(entries).map(({ label, at, seconds, entries: own }) => (
          <tbody key={`${at} ${label}`}>
            <tr>
              <th scope="rowgroup" colSpan={isFilmed ? 4 : 3} style={{ textAlign: 'left', paddingTop: 12 }}>
                {label}{' '}
                <Small>
                  {dayOf(at)}, {timeOf(at)}
                  {isFilmed && texts.onFilmOfTimeOnFilm(timeOnFilm(at, runs))}
                  {seconds > 0 && ` · ${formatDuration(seconds)}`}
                </Small>
              </th>
            </tr>
            {own
              .filter(({ kind }) => !hidden.has(kind))
              .map((entry, index) => (
                <tr key={index}>
                  <td style={{ whiteSpace: 'nowrap' }}>{timeOf(entry.at)}</td>
                  {isFilmed && <td>{timeOnFilm(entry.at, runs)}</td>}
                  <td>{entry.kind}</td>
                  <td style={entry.isVoided ? { textDecoration: 'line-through' } : undefined}>{entry.text}</td>
                </tr>
              ))}
          </tbody>
        ))}
      </Table>
    </Stack>
  )
}
