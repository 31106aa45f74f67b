import { href } from 'react-router'

/** Where what a criterion judges stands. */
export function attributeAddress(attribute: string, application: string, specimen: string): string {
  if (attribute.startsWith('claim.')) return href('/lineups/:application/claims', { application })
  if (attribute.startsWith('value.')) return href('/lineups/:application/money', { application })
  return href('/specimens/:specimen/values/:key', { specimen, key: attribute })
}
