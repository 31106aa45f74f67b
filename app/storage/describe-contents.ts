import { formatCount } from '#core/quantity/format.ts'
import type { Contents } from './archive-manifest.ts'

/** How much there is, in words. */
export const describeContents = ({ applications, products, specimens, readings, photos, verdicts }: Contents): string =>
  [
    formatCount(readings, 'reading'),
    formatCount(specimens, 'specimen'),
    formatCount(products, 'product'),
    formatCount(applications, 'line-up'),
    formatCount(photos, 'picture'),
    formatCount(verdicts, 'verdict'),
  ].join(', ')
