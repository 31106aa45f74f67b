import { kinEvidence, kinMethod } from '#core/kin/kin-method.ts'

/**
 * How kinship is judged, as a section of the method.
 *
 * @example kinSection().startsWith('## Kin') // => true
 */
export const kinSection = (): string => `## Kin

${kinMethod.join('\n\n')}

| Part | What speaks of it |
| --- | --- |
${kinEvidence()
  .map(({ part, groups }) => `| ${part} | ${groups} |`)
  .join('\n')}`
