import { InputError } from '@/core'
import type { Sheet } from '@/paper/sheet'
import { OF_ROUTINE, type PrintRequest } from './asked'
import { printClass, printLesson } from './of-group'
import { printPerson } from './of-person'
import { printPath } from './of-routine'

/** The sheets that are asked for. @throws InputError naming what is not known, or missing */
export async function makeSheets(asked: PrintRequest): Promise<{ title: string; sheets: Sheet[] }> {
  const { as, person, group, posture, day, routine } = asked
  const missing = (field: string, code = `known.${field}`) => new InputError(field, null, { code })
  if (routine && OF_ROUTINE.includes(as)) return printPath({ ...asked, routine })
  if (as === 'path') throw missing('routine')
  if (as === 'lesson' || as === 'log') {
    if (!group) throw missing('group')
    if (!day) throw missing('day', 'day')
    return printLesson({ ...asked, group, day })
  }
  if (as === 'class' || (group && !person)) {
    if (!group) throw missing('group')
    if (!posture) throw missing('posture')
    return printClass({ ...asked, group, posture })
  }
  if (!person) throw missing('person')
  return printPerson({ ...asked, person })
}
