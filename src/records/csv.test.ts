import fc from 'fast-check'
import { expect, it } from 'vitest'
import { readCsv, writeCsv } from './csv'

const NASTY = [
  '=1+1',
  '=1+1\n second line',
  '-2',
  '@SUM(A1)',
  '+3',
  '\tx',
  '\r=2',
  '  =3',
  "'quoted",
  "'=4",
  'a, "b"',
  'ø',
]

it('lets no spreadsheet run a cell, whatever stands before, behind or below', () => {
  const text = writeCsv([['name', 'notes'], ...NASTY.map((cell) => ['x', cell])])
  for (const [, cell] of readRaw(text).slice(1)) expect(cell).not.toMatch(/^\s*[=+\-@]|^[\t\r\n]/)
})

it('gives back what went in, whatever it is', () => {
  const cell = fc.oneof(fc.constantFrom(...NASTY), fc.string({ maxLength: 12 }))
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 8 }), (rows) => {
      const table = rows.map(([a, b]) => ['x', a, b])
      expect(readCsv(writeCsv(table))).toEqual(table)
    }),
  )
})

it('reads past a byte-order mark', () => {
  expect(readCsv('\uFEFFname,age\r\nAna,70\r\n')).toEqual([
    ['name', 'age'],
    ['Ana', '70'],
  ])
})

/** Cells as a spreadsheet would see them. */
function readRaw(text: string): string[][] {
  const rows: string[][] = [[]]
  for (const [, quoted, plain, end] of text.matchAll(/(?:"((?:[^"]|"")*)"|([^,\r\n"]*))(,|\r\n|$)/g)) {
    rows.at(-1)?.push(quoted?.replaceAll('""', '"') ?? plain ?? '')
    if (end === '\r\n') rows.push([])
  }
  return rows.filter((row) => row.length > 1)
}
