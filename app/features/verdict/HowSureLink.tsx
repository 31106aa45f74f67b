import { href, Link } from 'react-router'
import { Small } from '#app/ui/layout.tsx'

/** To the page that says what the words and percentages of a verdict mean. */
export const HowSureLink = () => (
  <Small>
    <Link to={href('/how-sure')}>How sure is that?</Link>
  </Small>
)
