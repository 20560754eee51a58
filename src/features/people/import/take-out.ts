import Papa from 'papaparse'
import { writeTable } from '@/records/spreadsheet'
import type { KeptRecord } from '@/server/people'
import { ask } from '@/ui/api/ask'
import { type BodyUnits, sayHeight, sayMass } from '@/ui/people/body-units'

/** Puts a text into a file of the browser's. */
export function download(name: string, type: string, text: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}

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
