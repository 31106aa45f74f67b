import { data } from 'react-router'

export const loader = () => {
  throw data('Nothing is kept under this address.', { status: 404 })
}

export default function NotFound() {
  return null
}
