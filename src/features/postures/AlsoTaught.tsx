import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import {
  type Body,
  kneeLoad,
  layOut,
  SCHOOL_IDS,
  type SchoolId,
  type Side,
  teachAlso,
  tryAnalyse,
  WAYS_TAUGHT,
} from '@/core'
import { type HouseWays, toChoices } from '@/documents/choices-document'
import { fromStance } from '@/documents/from-core'
import type { Posture } from '@/documents/posture-document'
import { sayUnsaved } from '@/ui/api/ask'
import { openOnBench } from '@/ui/api/put-draft'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayCentimetres } from '@/words/figures'
import { capital } from '@/words/lists'
import { saySchool } from '@/words/postures'
import { markWayIn } from '@/words/way-in'
import { useWaysIn } from '@/workers/use-ways-in'
import styles from './postures.module.css'

type AlsoTaughtProps = { posture: Posture; body: Body; side: Side; person: string | null; ways: HouseWays }

/** Other ways in which a posture is taught: what each costs this body, and why it is taught so. None is wrong. */
export function AlsoTaught({ posture, body, side, person, ways }: AlsoTaughtProps) {
  const say = useSay('postures.also')
  const words = useWords()
  const [school, setSchool] = useState<SchoolId>('therapeutic')
  const [problem, setProblem] = useState<string | null>(null)
  const rows = useMemo(() => {
    const read = (measures: typeof posture.measures.therapeutic) => {
      const stance = layOut(measures, body, side, posture.id, posture.keeps)
      return { stance, analysis: tryAnalyse(body, stance) }
    }
    const taught = posture.measures[school]
    const ways = WAYS_TAUGHT.flatMap((way) => {
      const measures = teachAlso(taught, way)
      return measures ? [{ way, ...read(measures) }] : []
    })
    return ways.length > 0 ? [{ way: 'taught' as const, ...read(taught) }, ...ways] : []
  }, [posture, body, side, school])
  const asks = useMemo(
    () =>
      rows.map(({ stance, analysis }) =>
        analysis && analysis.verdict !== 'beyond'
          ? { person: body.person, stance, choices: toChoices(school, ways) }
          : null,
      ),
    [rows, body, school, ways],
  )
  const waysIn = useWaysIn(asks)
  if (rows.length === 0) return null
  const open = async (stance: (typeof rows)[number]['stance']) => {
    if (!person) return
    try {
      await openOnBench(person, { posture: posture.id, school, stance: fromStance(stance) })
    } catch (error) {
      setProblem(sayUnsaved(error, words))
    }
  }
  return (
    <section className={styles.also} aria-label={say('label')}>
      <h2>
        {say('label')}{' '}
        <ChoiceWord
          label={say('school')}
          value={school}
          choices={SCHOOL_IDS.map((id) => ({ value: id, name: saySchool(id, words) }))}
          onChoose={setSchool}
        />
      </h2>
      {problem && <p role="alert">{problem}</p>}
      <ul>
        {rows.map(({ way, stance, analysis }, i) => (
          <li key={way}>
            <SmallFloor body={body} stance={stance} width={72} height={72} />
            <div>
              <h3>{say(`ways.${way}`)}</h3>
              {analysis ? (
                <p>
                  <VerdictMark verdict={analysis.verdict} size={14} />{' '}
                  {verdictWordsIn(words)[analysis.verdict].toLowerCase()},{' '}
                  {say('costs', {
                    spare: sayCentimetres(Math.max(0, analysis.assured.margin - analysis.reserve), words),
                    nudge: Math.round(Math.max(0, Math.min(analysis.pushes.hip.left, analysis.pushes.hip.right))),
                    left: Math.round(kneeLoad(analysis.legs.left)),
                    right: Math.round(kneeLoad(analysis.legs.right)),
                  })}
                </p>
              ) : (
                <p>{say('cannot')}</p>
              )}
              {markWayIn(waysIn[i], words) && <p className={styles.why}>{capital(markWayIn(waysIn[i], words))}.</p>}
              {way !== 'taught' && <p className={styles.why}>{say('because', { why: say(`why.${way}`) })}</p>}
              {person && analysis && way !== 'taught' && (
                <Button onClick={() => open(stance)} aria-label={say('openNamed', { way: say(`ways.${way}`) })}>
                  {say('open')}
                </Button>
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  )
}
