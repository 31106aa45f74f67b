import { formatTimecode } from '#core/teardown/timecode.ts'
import { Soft } from '#app/ui/layout.tsx'
import { Table } from '#app/ui/Table.tsx'
import type { LogEntry } from './log-entries.ts'

const styleOf = ({ isVoided, kind }: LogEntry) =>
  isVoided ? { textDecoration: 'line-through' } : kind === 'Station' ? { fontWeight: 600 } : undefined

/** What happened when, and where that is on the film. */
export function LogTable({ entries, filmingAt }: { entries: LogEntry[]; filmingAt: string | null }) {
  if (entries.length === 0) return <Soft>Nothing has been recorded yet.</Soft>
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">Time, UTC</th>
          {filmingAt && <th scope="col">On film</th>}
          <th scope="col">What</th>
          <th scope="col">Entry</th>
        </tr>
      </thead>
      <tbody>
        {entries.map((entry, index) => (
          <tr key={index}>
            <td style={{ whiteSpace: 'nowrap' }}>{entry.at.slice(0, 19).replace('T', ' ')}</td>
            {filmingAt && <td>{formatTimecode(entry.at, filmingAt) ?? 'before'}</td>}
            <td>{entry.kind}</td>
            <td style={styleOf(entry)}>{entry.text}</td>
          </tr>
        ))}
      </tbody>
    </Table>
  )
}
