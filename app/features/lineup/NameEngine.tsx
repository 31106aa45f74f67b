import { href } from 'react-router'
import { ButtonLink } from '#app/ui/Button.tsx'

/** The way in where there is no engine yet. */
export const NameEngine = () => (
  <div>
    <ButtonLink to={href('/lineups/new')} $kind="primary">
      Name an engine
    </ButtonLink>
  </div>
)
