import Papa from 'papaparse'
import { writeTable } from '@/records/spreadsheet'
import type { KeptRecord } from '@/server/people'
import { ask } from '@/ui/api/ask'
import { download } from '@/ui/files/download'
import { type BodyUnits, sayHeight, sayMass } from '@/ui/people/body-units'

const fetchRecords = async () => (await ask<KeptRecord[]>('/api/people', 'GET')).map(({ record }) => record)

/** Everyone as a table, heights and masses as this house says them. */
export async function takeOutCsv(units: BodyUnits): Promise<void> {
  const rows = writeTable(await fetchRecords(), {
    height: (metres) => (units === 'metric' ? String(Math.round(metres * 1000) / 10) : sayHeight(metres, units)),
    mass: (kg) => (units === 'metric' ? String(Math.round(kg * 10) / 10) : sayMass(kg, units).replace(' lb', '')),
  })
  // A cell that begins like a formula is text: a spreadsheet must not run it.
  download('people.csv', 'text/csv', `${Papa.unparse(rows, { escapeFormulae: true })}\r\n`)
}

/** Everyone with everything: limits, tests, answers, notes. */
export async function takeOutJson(): Promise<void> {
  download('people.json', 'application/json', JSON.stringify({ records: await fetchRecords() }, null, 2))
}
