import { writeFileSync } from 'node:fs'
import { methodMarkdown } from '#core/exchange/method-md.ts'

writeFileSync('docs/method.md', methodMarkdown())
