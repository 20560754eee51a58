import { writeCsv } from '@/records/csv'
import { writeTable } from '@/records/spreadsheet'
import type { KeptRecord } from '@/server/people'
import { ask } from '@/ui/api/ask'
import { download } from '@/ui/files/download'
import { type BodyUnits, sayHeight, sayMass } from '@/ui/people/body-units'
import { sayColumn } from '@/words/records'

const fetchRecords = async () => (await ask<KeptRecord[]>('/api/people', 'GET')).map(({ record }) => record)

/** Everyone as a table, heights and masses as this house says them. */
export async function takeOutCsv(units: BodyUnits): Promise<void> {
  const rows = writeTable(await fetchRecords(), (column) => sayColumn(column), {
    height: (metres) => (units === 'metric' ? String(Math.round(metres * 1000) / 10) : sayHeight(metres, units)),
    mass: (kg) => (units === 'metric' ? String(Math.round(kg * 10) / 10) : sayMass(kg, units).replace(' lb', '')),
  })
  download('people.csv', 'text/csv', writeCsv(rows))
}

/** The whole house: people with everything kept for them, postures, plans, rules. */
export async function takeOutWhole(): Promise<void> {
  download('nivrel.house.json', 'application/json', JSON.stringify(await ask<unknown>('/api/whole', 'GET'), null, 2))
}
