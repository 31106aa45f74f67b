import { href, Link } from 'react-router'
import * as texts from '#app/texts/how-sure.ts'
import { Small } from '#app/ui/layout.tsx'

/** To the page that says what the words and percentages of a verdict mean. */
export const HowSureLink = () => (
  <Small>
    <Link to={href('/how-sure')}>{texts.howSureIsThat}</Link>
  </Small>
)
