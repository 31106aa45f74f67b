import type { Extent } from './check.ts'
import { checks, type CheckName } from './checks/index.ts'

/** Does one check after another, as it is asked. */
process.on('message', ({ name, seed, extent }: { name: CheckName; seed: number; extent: Extent }) =>
  process.send?.(checks[name](seed, extent)),
)
