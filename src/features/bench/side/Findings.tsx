'use client'

import Button from '@mui/material/Button'
import { type Finding, findMeasurements, type InputError, UnreachableError, type WayIn } from '@/core'
import type { BenchPerson } from '@/keeping/bench'
import { capVerdict } from '@/records/cap-verdict'
import { Judged, VERDICT_WORDS } from '@/ui/words/VerdictMark'
import {
  describeAim,
  describeBalance,
  describeEstimate,
  describeMeasurement,
  describeOfStanding,
  describeReserve,
} from '@/words/balance'
import { sayAccepts } from '@/words/errors'
import { sayCentimetres } from '@/words/figures'
import { ENGLISH } from '@/words/language'
import { sayBinding, sayBoundBy, sayToday } from '@/words/limits'
import { capital } from '@/words/lists'
import { sayAnswer } from '@/words/origin'
import { restsOnEstimate, worstFirst } from '@/words/reasons'
import { sayEffect, sayFalls, saySign, sayUnanswered } from '@/words/records'
import shared from '../shared.module.css'
import { originOf, useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'
import { FindingNote } from './FindingNote'
import styles from './side.module.css'
import { WayInNote } from './WayInNote'

type FindingsProps = {
  view: OnBenchView
  /** How the stance is come to; undefined while that is worked out. */
  wayIn: WayIn | null | undefined
  person: BenchPerson | null
  allShown: boolean
  onAll: () => void
}

/** What the stance shows, as prose: the verdict, the way they would go, and what else, the worst first. */
export function Findings({ view, wayIn, person, allShown, onAll }: FindingsProps) {
  const { analysis, error } = view
  if (!analysis) return <CannotSay error={error} />
  const ofStanding = describeOfStanding(analysis)
  const aim = describeAim(analysis)
  const balance = describeBalance(analysis)
  const verdict = capVerdict(analysis.verdict, person?.unanswered.length ?? 0)
  const [best] = findMeasurements(analysis)
  const estimated = restsOnEstimate(analysis)
  const sorted = worstFirst(analysis.findings)
  const reasons = sorted.filter(({ severity }) => severity !== 'note')
  const note = (finding: Finding) => (
    <FindingNote
      key={`${finding.rule} ${finding.side}`}
      finding={finding}
      limits={person?.limits ?? []}
      house={analysis.pose.body.person.house}
    />
  )
  return (
    <section aria-label="What the stance shows" className={styles.findings}>
      <h2 className={styles.verdict} aria-live="polite" data-testid="verdict">
        <Judged verdict={verdict} size={26} estimated={estimated} /> {VERDICT_WORDS[verdict]}
      </h2>
      <OriginNote />
      {/* Why it does not hold comes first; what is well comes after. */}
      {reasons.map(note)}
      {person && <Unanswered person={person} />}
      <WayInNote wayIn={wayIn} limits={person?.limits ?? []} house={analysis.pose.body.person.house} />
      {aim && <p className={styles.measure}>{aim}</p>}
      {balance && <p>{balance}</p>}
      {analysis.margins.usable.nearest >= 0 && <p>{describeReserve(analysis)}</p>}
      {ofStanding && <p>{ofStanding}</p>}
      {estimated && <p className={styles.measure}>{describeEstimate(analysis)}</p>}
      {best && <p className={styles.measure}>{describeMeasurement(best)}</p>}
      {sorted.filter(({ severity }) => severity === 'note').map(note)}
      <Button className={shared.take} aria-expanded={allShown} onClick={onAll}>
        {allShown ? 'Away with the readings' : 'All readings'}
      </Button>
      {person && <AboutPerson person={person} />}
      <p className={styles.caution}>A calculation for instructors, not a diagnosis. A clinician’s order comes first.</p>
    </section>
  )
}

/** What nobody answered of their conditions yet, with the way there; and what a list brought in with them. */
function Unanswered({ person: { id, unanswered, notes } }: { person: BenchPerson }) {
  return (
    <>
      {unanswered.length > 0 && (
        <p className={styles.finding} data-severity="caution">
          {sayUnanswered(unanswered)} <a href={`/people/${encodeURIComponent(id)}`}>Answer them</a>
        </p>
      )}
      {notes && !unanswered.some((one) => 'note' in one) && (
        <p className={styles.measure}>
          Noted of them: <q>{notes}</q>
        </p>
      )}
    </>
  )
}

/** What the instructor should know of the person, and what only an eye sees. */
function AboutPerson({ person }: { person: BenchPerson }) {
  return (
    <div className={styles.story}>
      {person.limits.length > 0 && (
        <section aria-label="Limits that count here">
          <h3>Limits that count here</h3>
          <ul>
            {person.limits.map((one) => (
              <li key={`${one.what} ${one.side}`}>
                {sayBinding(one)} <small data-overdue={one.overdue}>{sayBoundBy(one)}</small>
              </li>
            ))}
          </ul>
        </section>
      )}
      {person.today && <p>Today: {sayToday(person.today)}. What they may do is lowered until the day ends.</p>}
      {person.falls && person.falls.times > 0 && (
        <p>
          {sayFalls(person.falls)}. {person.beginsWithHand && ENGLISH.say('records.falls.begin')}
        </p>
      )}
      {person.story && <p>{person.story}</p>}
      {person.watch.length > 0 && (
        <p>Watch: {person.watch.map(({ sign, on }) => `${saySign(sign)} (${ENGLISH.day(on)})`).join(', ')}.</p>
      )}
      {person.measured.length > 0 && (
        <p>{capital(person.measured.map(({ effect, from }) => sayEffect(effect, from)).join('; '))}.</p>
      )}
      {person.seenStanding && (
        <p>
          Seen standing unaided on {ENGLISH.day(person.seenStanding)}: the estimate from age is cautious. A functional
          reach would replace it.
        </p>
      )}
    </div>
  )
}

function CannotSay({ error }: { error: InputError | null }) {
  return (
    <section aria-label="What the stance shows" className={styles.findings}>
      <h2 className={styles.verdict} aria-live="polite">
        This cannot be stood
      </h2>
      <p role="alert">{error && sayWhy(error)} Undo brings back what was.</p>
    </section>
  )
}

function sayWhy(error: InputError): string {
  if (error instanceof UnreachableError && error.byM > 0) {
    return `The ${error.leg} leg cannot reach: its foot is ${sayCentimetres(error.byM)} too far away.`
  }
  if (error.accepts.code === 'pose')
    return 'No place was found for the pelvis over feet that stand so: bring them nearer, or the weight further over.'
  return `${WHERE_WRONG[error.field] ?? 'The stance cannot be computed'}: accepted is ${sayAccepts(error.accepts)}.`
}

const WHERE_WRONG: Record<string, string> = {
  'stance.feet': 'The feet overlap or stand too far apart',
  'stance.feet.left.heel': 'The left leg cannot stand so',
  'stance.feet.right.heel': 'The right leg cannot stand so',
  'stance.loadLeftPct': 'The weight',
  'person.limits.loadMaxPct': 'The load limits leave no way to stand',
}

/** From where the stance comes, where it was decided for them; and what was decided and may not be done today. */
function OriginNote() {
  const said = sayAnswer(useBench(({ stance }) => originOf(stance)))
  return said && <p className={styles.measure}>{said}</p>
}
