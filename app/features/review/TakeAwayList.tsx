import { href } from 'react-router'
import { reviewFiles } from './review-files.ts'
import { Small, Stack } from '#app/ui/layout.tsx'

/** What of a review can be taken away as a file. */
export const TakeAwayList = ({ application, review }: { application: string; review: string }) => (
  <Stack $gap={8}>
    <ul style={{ margin: 0, paddingLeft: 20, lineHeight: 2 }}>
      {reviewFiles.map(({ name, label, description }) => (
        <li key={name}>
          <a
            href={href('/lineups/:application/review/:review/files/:file', { application, review, file: name })}
            download
          >
            {label}
          </a>{' '}
          <Small>{description}</Small>
        </li>
      ))}
    </ul>
    <h2>What leaves</h2>
    <ul style={{ margin: 0, paddingLeft: 20 }}>
      <li>The title and the blocks as they are published; before that, as they are written now.</li>
      <li>Names of filters, what was measured and seen, and how it is known; claims of the boxes word for word.</li>
      <li>
        Prices with their days and shops, but for those that you keep to yourself; who gave samples, and what the
        reviewer may gain.
      </li>
      <li>Drawings to scale, the scores and how sure they are, the version of the method.</li>
    </ul>
    <h2>What stays</h2>
    <ul style={{ margin: 0, paddingLeft: 20 }}>
      <li>Notes of the bench, struck readings, photos and where they were taken, names and paths of files.</li>
      <li>
        Drivers, instruments, predictions, what is owed and not shown by a block, and reviews that were not published.
      </li>
    </ul>
  </Stack>
)
