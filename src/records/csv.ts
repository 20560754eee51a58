import Papa from 'papaparse'

/**
 * What a spreadsheet would run rather than show: a cell that begins with one of these, after line breaks, tabs or spaces
 * too. It goes out behind an apostrophe, as spreadsheets themselves mark text; and so does a cell that begins with an
 * apostrophe of its own, so that what comes back in is what went out.
 */
const FORMULA = /^\s*[=+\-@]|^[\t\r\n]/
const MARKED = /^'/

const escapeCell = (cell: string): string => (FORMULA.test(cell) || MARKED.test(cell) ? `'${cell}` : cell)
const unescapeCell = (cell: string): string =>
  MARKED.test(cell) && (FORMULA.test(cell.slice(1)) || MARKED.test(cell.slice(1))) ? cell.slice(1) : cell

/** A table as CSV text that no spreadsheet runs. */
export const writeCsv = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => row.map(escapeCell)),
    { newline: '\r\n' },
  )}\r\n`

/** The rows of CSV text, with what was escaped as it was; empty rows left out. */
export const readCsv = (text: string): string[][] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' }).data.map((row) =>
    row.map(unescapeCell),
  )
