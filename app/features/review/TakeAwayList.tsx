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
    <Small>
      They say what is published; before that, what is written now. Private notes, paths of files and where a picture
      was taken never leave.
    </Small>
  </Stack>
)
