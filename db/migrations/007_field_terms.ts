import type { Knex } from 'knex'

/** Columns that take the field's terms: table, name before, name after. In this order, each name is free. */
export const renamedColumns = [
  ['application', 'oil_cold', 'oil_temperature_min'],
  ['application', 'oil_hot', 'oil_temperature_max'],
  ['application', 'manual', 'service_intervals'],
  ['specimen', 'got', 'acquisition'],
  ['specimen', 'plan', 'recording_plan'],
  ['reading', 'typed', 'raw_input'],
  ['reading', 'number', 'value_number'],
  ['reading', 'text', 'value_text'],
  ['reading', 'groups', 'value_groups'],
  ['reading', 'zero', 'zero_offset'],
  ['reading', 'at', 'recorded_at'],
  ['reading', 'struck_at', 'voided_at'],
  ['reading', 'struck_why', 'voided_reason'],
  ['note', 'at', 'recorded_at'],
  ['photo', 'at', 'recorded_at'],
  ['passage', 'point', 'step'],
  ['passage', 'at', 'passed_at'],
  ['station_start', 'at', 'started_at'],
  ['instrument', 'zero', 'zero_offset'],
  ['instrument', 'check_days', 'check_interval_days'],
  ['instrument', 'usual', 'is_default'],
  ['instrument_check', 'at', 'checked_at'],
  ['instrument_check', 'reference', 'reference_value'],
  ['instrument_check', 'piece', 'reference'],
  ['instrument_check', 'reading', 'indication'],
  ['claim_decision', 'at', 'decided_at'],
  ['price', 'minor', 'amount_minor'],
  ['price', 'count', 'pack_size'],
  ['price', 'on', 'observed_on'],
  ['rate', 'from', 'base'],
  ['rate', 'to', 'quote'],
  ['rate', 'on', 'quoted_on'],
  ['driver', 'distance', 'annual_distance'],
  ['driver', 'oil_hot', 'oil_temperature_max'],
  ['school', 'says', 'description'],
  ['school', 'rules', 'value_functions'],
  ['method_version', 'rules', 'value_functions'],
  ['method_version', 'at', 'created_at'],
  ['verdict', 'overrule', 'overrule_column'],
  ['verdict', 'frozen', 'snapshot'],
  ['verdict', 'at', 'updated_at'],
] as const

/** Tables whose forms read quantities: what was typed into them is kept, field by field. */
const typedTables = ['application', 'specimen', 'instrument', 'instrument_check', 'driver', 'claim', 'price']

const rename = (knex: Knex, table: string, from: string, to: string) =>
  knex.raw('alter table ?? rename column ?? to ??', [table, from, to])

/** Currencies without a smaller unit; their amounts were kept in hundredths. */
const withoutMinorUnit = ['JPY', 'ISK']

interface PriceRow {
  id: string
  amountMinor: number
  extrasMinor: number
  freight: string
}

/** Amounts of currencies without a smaller unit become whole units; one that was none is kept as it was, too. */
async function toMinorUnits(knex: Knex): Promise<void> {
  const prices: PriceRow[] = await knex('price').whereIn('currency', withoutMinorUnit)
  for (const { id, amountMinor, extrasMinor, freight } of prices) {
    const charges = JSON.parse(freight) as Record<string, number | null>
    const hundredths = { amount: amountMinor, extrasWorth: extrasMinor, ...charges }
    await knex('price')
      .where({ id })
      .update({
        amount_minor: whole(amountMinor),
        extras_minor: whole(extrasMinor),
        freight: JSON.stringify(
          Object.fromEntries(Object.entries(charges).map(([key, at]) => [key, at === null ? null : whole(at)])),
        ),
        raw_input: JSON.stringify(rawInputOf(hundredths)),
      })
  }
  const specimens: { id: string; paidMinor: number }[] = await knex('specimen')
    .whereIn('currency', withoutMinorUnit)
    .whereNotNull('paid_minor')
  for (const { id, paidMinor } of specimens)
    await knex('specimen')
      .where({ id })
      .update({ paid_minor: whole(paidMinor), raw_input: JSON.stringify(rawInputOf({ price: paidMinor })) })
}

const whole = (hundredths: number): number => Math.round(hundredths / 100)

/** Amounts that were no whole units, as they were. */
const rawInputOf = (hundredths: Record<string, number | null>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(hundredths).flatMap(([key, at]) => (at === null || at % 100 === 0 ? [] : [[key, String(at / 100)]])),
  )

async function toHundredths(knex: Knex): Promise<void> {
  await knex('specimen')
    .whereIn('currency', withoutMinorUnit)
    .update({ paid_minor: knex.raw('paid_minor * 100') })
  const prices: PriceRow[] = await knex('price').whereIn('currency', withoutMinorUnit)
  for (const { id, amountMinor, extrasMinor, freight } of prices) {
    const charges = Object.entries(JSON.parse(freight) as Record<string, number | null>)
    await knex('price')
      .where({ id })
      .update({
        amount_minor: amountMinor * 100,
        extras_minor: extrasMinor * 100,
        freight: JSON.stringify(Object.fromEntries(charges.map(([key, at]) => [key, at === null ? null : at * 100]))),
      })
  }
}

/** Names of columns and one table in the field's terms; a place for what was typed; money in its smallest unit. */
export async function up(knex: Knex): Promise<void> {
  for (const [table, from, to] of renamedColumns) await rename(knex, table, from, to)
  await knex.schema.renameTable('passage', 'irreversible_step')
  for (const name of typedTables) {
    await knex.schema.alterTable(name, (table) => {
      table.text('raw_input').notNullable().defaultTo('{}')
    })
  }
  await toMinorUnits(knex)
}

export async function down(knex: Knex): Promise<void> {
  await toHundredths(knex)
  for (const name of typedTables) await knex.raw('alter table ?? drop column ??', [name, 'raw_input'])
  await knex.schema.renameTable('irreversible_step', 'passage')
  for (const [table, from, to] of [...renamedColumns].reverse()) await rename(knex, table, to, from)
}
