import {
  analyse,
  type Body,
  type Choices,
  type FormFound,
  findForm,
  InputError,
  type IsOver,
  type Posture,
  readWayIn,
  SCHOOL_IDS,
  SCHOOLS,
  type SchoolId,
  SIDES,
  type Side,
} from '@/core'
import type { DocumentWords } from './document-words'
import { fromStance } from './from-core'
import type { PersonDocument } from './person-document'
import { bodyOf } from './to-core'
import { toChangeDocument } from './variants-document'
import { toWayIn } from './way-in-document'

export const REPERTOIRE_FORMAT = 'nivrel.repertoire/1'

/** The frame that is begun with. */
const FIRST_SCHOOL: SchoolId = 'therapeutic'

export type RepertoireAsked = {
  school?: string | undefined
  /** One posture of the library; all where none is named. */
  posture?: string | undefined
  wayIn?: boolean
  /** How the school steps, where a house does otherwise. */
  choices?: Choices
  isOver?: IsOver
}

/** A posture on a side of it; of one that is the same on both there is one. */
export type Asked<P extends Posture = Posture> = { posture: P; side: Side | null }

export const listAsked = <P extends Posture>(library: readonly P[]): Asked<P>[] =>
  library.flatMap((posture): Asked<P>[] =>
    posture.sided ? SIDES.map((side) => ({ posture, side })) : [{ posture, side: null }],
  )

/** What somebody does of a posture on a side. */
export const findRow = (body: Body, { posture, side }: Asked, school: SchoolId, isOver?: IsOver): FormFound =>
  findForm(body, posture.measures[school], { posture: posture.id, side: side ?? 'left', keeps: posture.keeps }, isOver)

/**
 * What somebody can do of the library (`nivrel.repertoire/1`): a row for each posture and side, in the library's order.
 * @throws InputError where the school or the posture is not known
 */
export function repertoireDocument(
  person: PersonDocument,
  library: readonly Posture[],
  words: DocumentWords,
  { school: named = FIRST_SCHOOL, posture, wayIn = false, choices, isOver }: RepertoireAsked = {},
) {
  const school = SCHOOL_IDS.find((id) => id === named)
  if (!school) throw new InputError('school', named, { code: 'oneOf', values: SCHOOL_IDS.join(', ') })
  const asked = posture === undefined ? library : library.filter(({ id }) => id === posture)
  if (asked.length === 0) {
    const values = library.map(({ id }) => id).join(', ')
    throw new InputError('posture', posture, { code: 'oneOf', values })
  }
  const body = bodyOf(person)
  const rows = listAsked(asked).map((one) => {
    const { form, stance, verdict, changes, support, reason } = findRow(body, one, school, isOver)
    const way = () => stance && readWayIn(body, stance, analyse(body, stance).legs, choices ?? SCHOOLS[school].choices)
    const found = wayIn ? way() : undefined
    return {
      posture: one.posture.id,
      side: one.side,
      form,
      stance: stance && fromStance(stance),
      verdict,
      changes: changes.map((change) => toChangeDocument(change, words)),
      support,
      ...(found !== undefined && { wayIn: found && toWayIn(found, words) }),
      reason: reason && { code: reason.code, text: words.finding(reason) },
    }
  })
  return { format: REPERTOIRE_FORMAT, school, rows }
}
