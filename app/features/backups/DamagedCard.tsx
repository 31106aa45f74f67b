import { href } from 'react-router'
import { ButtonLink } from '#app/ui/Button.tsx'
import { Card, Row, Stack } from '#app/ui/layout.tsx'

/** Said when the database cannot be read. */
export const DamagedCard = () => (
  <Card role="alert">
    <Stack>
      <h2>The database cannot be read now</h2>
      <p>
        Save first what can still be read of it, then restore the newest backup below. What is there now is set aside,
        not removed.
      </p>
      <Row>
        <ButtonLink to={href('/backups/readable.zip')} reloadDocument>
          Save what can be read
        </ButtonLink>
      </Row>
    </Stack>
  </Card>
)
