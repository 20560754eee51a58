import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import { type Body, markWay, type RoutinePart, SCHOOL_IDS, type SchoolId, type ShownPath, walkWay } from '@/core'
import { type HouseWays, toChoices } from '@/documents/choices-document'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark } from '@/ui/words/VerdictMark'
import { sayCost } from '@/words/path'
import { saySchool } from '@/words/postures'
import styles from './trouble.module.css'

type TwoWaysProps = {
  path: ShownPath
  body: Body
  parts: readonly RoutinePart[]
  at: number
  school: SchoolId
  ways: HouseWays
}
const SAMPLES = 10

/** The same two stances by two schools' ways, beside each other, with what each costs. None is wrong. */
export function TwoWays({ path, body, parts, at, school, ways }: TwoWaysProps) {
  const say = useSay('path.schools')
  const words = useWords()
  const [other, setOther] = useState<SchoolId>(SCHOOL_IDS.find((id) => id !== school) as SchoolId)
  const [shown, setShown] = useState(false)
  const found = useMemo(() => {
    if (!shown) return null
    const [before, part, stood] = [parts[at - 1], parts[at], path.parts[at - 1]]
    if (!before || !part || !stood || stood.error) return null
    const { at: _, ...stance } = stood.stance
    const walk = (choices: RoutinePart['choices']) => {
      const walked = walkWay(body, { before: { ...before, stance }, parts: [{ ...part, choices }] }, SAMPLES)
      return { marks: markWay(walked), made: walked.transitions[0]?.made ?? null }
    }
    return [walk(part.choices), walk({ ...toChoices(other, ways), stepScale: part.choices.stepScale })]
  }, [path, body, parts, at, other, shown, ways])
  return (
    <section aria-label={say('title')} className={styles.remedies}>
      <Button aria-expanded={shown} onClick={() => setShown(!shown)}>
        {say('title')}
      </Button>
      <ul>
        {found?.map(({ marks, made }, i) => (
          <li key={i === 0 ? 'this' : 'other'}>
            <strong>
              {i === 0 ? (
                say('this')
              ) : (
                <ChoiceWord
                  label={say('other')}
                  value={other}
                  choices={SCHOOL_IDS.map((value) => ({ value, name: saySchool(value, words) }))}
                  onChoose={setOther}
                />
              )}
            </strong>
            <p>
              <VerdictMark verdict={marks.verdict ?? 'beyond'} size={13} /> {sayCost(marks, made, words)}
            </p>
          </li>
        ))}
      </ul>
    </section>
  )
}
