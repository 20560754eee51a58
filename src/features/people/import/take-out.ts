import { type BodyUnits, sayHeight, sayMass } from '@/records/body-units'
import { writeCsv } from '@/records/csv'
import type { KeptRecord } from '@/records/kept-record'
import { COLUMNS, writeTable } from '@/records/spreadsheet'
import { ask } from '@/ui/api/ask'
import { download } from '@/ui/files/download'
import type { Words } from '@/words/language'
import { sayColumn } from '@/words/records'

/** Those of these ids as a table, in that order, heights and masses as this house says them. */
export async function takeOutCsv(ids: readonly string[], units: BodyUnits, words: Words): Promise<void> {
  const kept = new Map((await ask<KeptRecord[]>('/api/people', 'GET')).map(({ id, record }) => [id, record]))
  const records = ids.flatMap((id) => kept.get(id) ?? [])
  const rows = writeTable(records, (column) => sayColumn(column, words), {
    height: (metres) => (units === 'metric' ? String(Math.round(metres * 1000) / 10) : sayHeight(metres, units)),
    mass: (kg) => (units === 'metric' ? String(Math.round(kg * 10) / 10) : sayMass(kg, units).replace(' lb', '')),
  })
  download('people.csv', 'text/csv', writeCsv(rows))
}

/** A table with its headings and nobody in it. */
export const takeTemplate = (words: Words): void =>
  download('people-template.csv', 'text/csv', writeCsv([COLUMNS.map((column) => sayColumn(column, words))]))

/** The whole house: people with everything kept for them, postures, plans, rules. */
export async function takeOutWhole(): Promise<void> {
  download('nivrel.house.json', 'application/json', JSON.stringify(await ask<unknown>('/api/whole', 'GET'), null, 2))
}
