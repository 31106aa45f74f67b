import { productIn, putForProduct, type NamedProduct } from '#core/named-product.ts'
import { readRelation, type RelationField, type SaidRelation } from './said-relation.ts'

/** Another specimen of the line-up, that something can be said beside. */
export interface OtherSpecimen extends NamedProduct {
  /** Id of the specimen; that of a product is not needed here. */
  id: string
  label: string
}

/**
 * What is said of a specimen beside another that is named in the same breath: `a hair thicker than N-40`, `the same as
 * N-40 B`.
 *
 * @param text as typed, of what is being recorded
 * @param others of the line-up; of one product the first is meant where none is named
 * @param field what is compared
 * @returns undefined when no other is named, or nothing is compared
 * @example readBeside('a hair thicker', [], { dimension: 'length', units: ['mm'] }) // => undefined
 */
export function readBeside(
  text: string,
  others: readonly OtherSpecimen[],
  field: RelationField,
): { other: OtherSpecimen; line: string; said: SaidRelation } | undefined {
  const named = productIn(text, others.filter(isFirst))
  if (!named) return undefined
  const label = /\bthe other(?:'s)?\s+(?:#|specimen )?([\p{L}\d]{1,20})(?:'s)?\s*$/u
  const put = putForProduct(text, named, 'the other').replace(/\s+/g, ' ').trim()
  const said = label.exec(put)?.[1]?.toLowerCase()
  const other = others.find((one) => isSame(one, named) && one.label.toLowerCase() === said) ?? named
  const line = put.replace(label, 'the other')
  const read = readRelation(line, field)
  return read.ok ? { other, line, said: read.value } : undefined
}

const isSame = (one: NamedProduct, other: NamedProduct): boolean =>
  one.brand === other.brand && one.partNumber === other.partNumber

const isFirst = (one: OtherSpecimen, at: number, all: readonly OtherSpecimen[]): boolean =>
  all.findIndex((other) => isSame(one, other)) === at
