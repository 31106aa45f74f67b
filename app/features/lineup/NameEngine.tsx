import { href } from 'react-router'
import * as texts from '#app/texts/line-up.ts'
import { ButtonLink } from '#app/ui/Button.tsx'

/** The way in where there is no engine yet. */
export const NameEngine = () => (
  <div>
    <ButtonLink to={href('/lineups/new')} $kind="primary">
      {texts.nameAnEngine}
    </ButtonLink>
  </div>
)
