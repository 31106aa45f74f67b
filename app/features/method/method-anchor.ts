/** The address of an entry on the page of the method. */
export const methodAnchor = (kind: 'figure' | 'criterion' | 'recorded' | 'station', key: string): string =>
  `${kind}-${key.replaceAll('.', '-')}`
