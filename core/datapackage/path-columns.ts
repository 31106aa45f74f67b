import { nameColumn, textColumn } from './column.ts'

/** Columns that name what a row is about. */

export const productColumns = {
  application: nameColumn('The engine, by name.', 80),
  brand: nameColumn('The brand on the box.', 80),
  'part number': nameColumn('The part number on the box.', 60),
}

export const revisionColumns = {
  ...productColumns,
  revision: textColumn('The revision that is meant; empty for the first, or for all of them.', 60),
}

export const specimenColumns = { ...revisionColumns, specimen: nameColumn('Its label.', 20) }
