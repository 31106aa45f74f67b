import { href } from 'react-router'
import * as texts from '#app/texts/review.ts'
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
    <h2>{texts.whatLeaves}</h2>
    <ul style={{ margin: 0, paddingLeft: 20 }}>
      <li>{texts.theTitleAndTheBlocksAs}</li>
      <li>{texts.namesOfFiltersWhatWasMeasured}</li>
      <li>{texts.pricesWithTheirDaysAndShops}</li>
      <li>{texts.drawingsToScaleTheScoresAnd}</li>
    </ul>
    <h2>{texts.whatStays}</h2>
    <ul style={{ margin: 0, paddingLeft: 20 }}>
      <li>{texts.notesOfTheBenchStruckReadings}</li>
      <li>{texts.driversInstrumentsPredictionsWhat}</li>
    </ul>
  </Stack>
)
