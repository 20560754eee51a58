import { InputError } from '@/core'
import { MARGIN } from '@/paper/page'
import type { Sheet } from '@/paper/sheet'
import type { Words } from '@/words/language'
import { readHouse } from '../house'
import { OF_ROUTINE, type PrintRequest } from './asked'
import { printClass, printLesson } from './of-group'
import { printPerson } from './of-person'
import { printPath } from './of-routine'

/** The sheets that are asked for, each with the name of the house. @throws InputError naming what is not known, or missing */
export async function makeSheets(asked: PrintRequest, words: Words): Promise<Made> {
  const [made, { name }] = await Promise.all([makeOf(asked, words), readHouse()])
  return name ? { ...made, sheets: made.sheets.map((sheet) => withName(sheet, name)) } : made
}

type Made = { title: string; sheets: Sheet[] }

const withName = (sheet: Sheet, name: string): Sheet => ({
  ...sheet,
  marks: [
    ...sheet.marks,
    { kind: 'text', x: sheet.width - MARGIN, y: sheet.height - 9, text: name, size: 3.2, anchor: 'end', ink: 'soft' },
  ],
})

async function makeOf(asked: PrintRequest, words: Words): Promise<Made> {
  const { as, person, group, posture, day, routine } = asked
  const missing = (field: string, code = `known.${field}`) => new InputError(field, null, { code })
  if (routine && OF_ROUTINE.includes(as)) return printPath({ ...asked, routine }, words)
  if (as === 'path') throw missing('routine')
  if (as === 'lesson' || as === 'log') {
    if (!group) throw missing('group')
    if (!day) throw missing('day', 'day')
    return printLesson({ ...asked, group, day }, words)
  }
  if (as === 'class' || (group && !person)) {
    if (!group) throw missing('group')
    if (!posture) throw missing('posture')
    return printClass({ ...asked, group, posture }, words)
  }
  if (!person) throw missing('person')
  return printPerson({ ...asked, person }, words)
}
