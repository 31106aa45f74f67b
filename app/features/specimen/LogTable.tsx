import { useState } from 'react'
import { timeOnFilm, type CameraRun } from '#core/teardown/camera-runs.ts'
import { Button } from '#app/ui/Button.tsx'
import { Row, Small, Soft, Stack } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { LogEntry } from './log-entries.ts'
import { formatDuration, groupLog } from './log-groups.ts'
import { useLocalTime } from '#app/ui/useLocalTime.ts'

const kinds: readonly { key: LogEntry['kind']; label: string }[] = [
  { key: 'Reading', label: 'Readings' },
  { key: 'No return', label: 'Points of no return' },
  { key: 'Note', label: 'Notes' },
  { key: 'Photo', label: 'Photos' },
]

/** What happened when, station by station with how long each took, and where that is on the film. */
export function LogTable({ entries, runs }: { entries: LogEntry[]; runs: readonly CameraRun[] }) {
  const { zone, timeOf, dayOf } = useLocalTime()
  const isFilmed = runs.length > 0
  const [hidden, hide] = useState<ReadonlySet<LogEntry['kind']>>(new Set())
  if (entries.length === 0) return <Soft>Nothing has been recorded yet.</Soft>
  const toggle = (kind: LogEntry['kind']) =>
    hide((before) => new Set(before.has(kind) ? [...before].filter((one) => one !== kind) : [...before, kind]))
  const present = kinds.filter(({ key }) => entries.some(({ kind }) => kind === key))
  return (
    <Stack $gap={10}>
      <Row role="group" aria-label="Show" $gap={8}>
        {present.map(({ key, label }) => (
          <Button key={key} aria-pressed={!hidden.has(key)} onPress={() => toggle(key)}>
            {hidden.has(key) ? '○' : '●'} {label}
          </Button>
        ))}
      </Row>
      <Table>
        <thead>
          <tr>
            <th scope="col">Time, {zone}</th>
            {isFilmed && <th scope="col">On film</th>}
            <th scope="col">What</th>
            <th scope="col">Entry</th>
          </tr>
        </thead>
        {groupLog(entries).map(({ label, at, seconds, entries: own }) => (
          <tbody key={`${at} ${label}`}>
            <tr>
              <th scope="rowgroup" colSpan={isFilmed ? 4 : 3} style={{ textAlign: 'left', paddingTop: 12 }}>
                {label}{' '}
                <Small>
                  {dayOf(at)}, {timeOf(at)}
                  {isFilmed && ` · on film ${timeOnFilm(at, runs)}`}
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
