import type { Column } from './column.ts'
import type { Table } from './table.ts'

/** Under what others may use a package; empty keeps all rights. Names by the Open Definition. */
export const licences = [
  { key: 'CC-BY-4.0', label: 'Named use: CC BY 4.0', path: 'https://creativecommons.org/licenses/by/4.0/' },
  {
    key: 'CC-BY-SA-4.0',
    label: 'Named use, passed on alike: CC BY-SA 4.0',
    path: 'https://creativecommons.org/licenses/by-sa/4.0/',
  },
  { key: 'CC0-1.0', label: 'Free of any claim: CC0 1.0', path: 'https://creativecommons.org/publicdomain/zero/1.0/' },
  {
    key: 'ODbL-1.0',
    label: 'Database, passed on alike: ODbL 1.0',
    path: 'https://opendatacommons.org/licenses/odbl/1-0/',
  },
  { key: '', label: 'All rights kept', path: '' },
] as const

export type Licence = (typeof licences)[number]['key']

/** A file of a package, with what tells whether it is whole. */
export interface PackagedFile {
  table: Table
  bytes: number
  /** SHA-256, hexadecimal. */
  hash: string
}

/** What stands on top of a package. */
export interface PackageHead {
  /** Lower case, with `-` between words. */
  name: string
  title: string
  /** UTC, ISO 8601. */
  created: string
  licence: Licence
  /** Version of the method. */
  method: number
}

/** What every package says of itself. */
const description =
  'Filters cut open, measured and judged by construction and value; nothing was filtered. Quantities are in SI. What ' +
  'makers claim stands in a table of its own and is not measured.'

/**
 * The descriptor of a package of tables: what stands in `datapackage.json`.
 *
 * Source: Frictionless Data, Data Package, Tabular Data Resource and Table Schema, version 1. `unit` of a field and
 * `method` are additions, which the standard allows.
 *
 * @param head what stands on top
 * @param files in their order
 * @example dataPackage({ name: 'a', title: 'A', created: '2026-11-27T10:00:00.000Z', licence: 'CC0-1.0', method: 5 },
 *   []).profile // => 'tabular-data-package'
 */
export const dataPackage = ({ licence, ...head }: PackageHead, files: readonly PackagedFile[]) => ({
  profile: 'tabular-data-package',
  ...head,
  description,
  ...(licence !== '' && {
    licenses: licences.flatMap(({ key, label, path }) => (key === licence ? [{ name: key, title: label, path }] : [])),
  }),
  resources: files.map(({ table, bytes, hash }) => ({
    profile: 'tabular-data-resource',
    name: table.name,
    path: `data/${table.name}.csv`,
    title: table.title,
    description: table.description,
    ...{ format: 'csv', mediatype: 'text/csv', encoding: 'utf-8', bytes, hash: `sha256:${hash}` },
    schema: tableSchema(table),
  })),
})

const tableSchema = ({ columns, primaryKey, foreignKeys }: Table) => ({
  fields: Object.entries(columns).map(([name, column]: [string, Column<unknown>]) => ({
    name,
    type: column.type,
    description: column.description,
    ...(column.unit !== undefined && { unit: column.unit }),
    ...(column.constraints && Object.keys(column.constraints).length > 0 && { constraints: column.constraints }),
  })),
  missingValues: [''],
  ...(primaryKey && { primaryKey }),
  ...(foreignKeys && {
    foreignKeys: foreignKeys.map(({ fields, table }) => ({ fields, reference: { resource: table, fields } })),
  }),
})
