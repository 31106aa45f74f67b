import { href } from 'react-router'
import * as texts from '#app/texts/backups.ts'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Stack } from '#app/ui/layout.tsx'

/** Said when the database cannot be read. */
export const DamagedCard = () => (
  <Card role="alert">
    <Stack>
      <h2>{texts.theDatabaseCannotBeReadNow}</h2>
      <p>{texts.saveFirstWhatCanStillBe}</p>
      <Row>
        <ButtonLink to={href('/backups/readable.zip')} reloadDocument>
          {texts.saveWhatCanBeRead}
        </ButtonLink>
      </Row>
    </Stack>
  </Card>
)
