'use client'

import Button from '@mui/material/Button'
import { type Finding, findMeasurements, type InputError, UnreachableError, type WayIn } from '@/core'
import type { BenchPerson } from '@/keeping/bench'
import { capVerdict } from '@/records/cap-verdict'
import { useSay, useWords } from '@/ui/words/use-words'
import { Judged, verdictWordsIn } from '@/ui/words/VerdictMark'
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
import type { Words } from '@/words/language'
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
  const t = useSay('screens.bench')
  const words = useWords()

  const { analysis, error } = view
  if (!analysis) return <CannotSay error={error} />
  const ofStanding = describeOfStanding(analysis, words)
  const aim = describeAim(analysis, words)
  const balance = describeBalance(analysis, words)
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
    <section aria-label={t('whatStanceShows')} className={styles.findings}>
      <h2 className={styles.verdict} aria-live="polite" data-testid="verdict">
        <Judged verdict={verdict} size={26} estimated={estimated} /> {verdictWordsIn(words)[verdict]}
      </h2>
      <OriginNote />
      {/* Why it does not hold comes first; what is well comes after. */}
      {reasons.map(note)}
      {person && <Unanswered person={person} />}
      <WayInNote wayIn={wayIn} limits={person?.limits ?? []} house={analysis.pose.body.person.house} />
      {aim && <p className={styles.measure}>{aim}</p>}
      {balance && <p>{balance}</p>}
      {analysis.margins.usable.nearest >= 0 && <p>{describeReserve(analysis, words)}</p>}
      {ofStanding && <p>{ofStanding}</p>}
      {estimated && <p className={styles.measure}>{describeEstimate(analysis, words)}</p>}
      {best && <p className={styles.measure}>{describeMeasurement(best, words)}</p>}
      {sorted.filter(({ severity }) => severity === 'note').map(note)}
      <Button className={shared.take} aria-expanded={allShown} onClick={onAll}>
        {allShown ? t('awayWithReadings') : t('allReadings')}
      </Button>
      {person && <AboutPerson person={person} />}
      <p className={styles.caution}>{t('aCalculationForInstructors')}</p>
    </section>
  )
}

/** What nobody answered of their conditions yet, with the way there; and what a list brought in with them. */
function Unanswered({ person: { id, unanswered, notes } }: { person: BenchPerson }) {
  const t = useSay('screens.bench')
  const words = useWords()

  return (
    <>
      {unanswered.length > 0 && (
        <p className={styles.finding} data-severity="caution">
          {sayUnanswered(unanswered, words)} <a href={`/people/${encodeURIComponent(id)}`}>{t('answerThem')}</a>
        </p>
      )}
      {notes && !unanswered.some((one) => 'note' in one) && (
        <p className={styles.measure}>
          {t('notedThem')} <q>{notes}</q>
        </p>
      )}
    </>
  )
}

/** What the instructor should know of the person, and what only an eye sees. */
function AboutPerson({ person }: { person: BenchPerson }) {
  const t = useSay('screens.bench')
  const words = useWords()

  return (
    <div className={styles.story}>
      {person.limits.length > 0 && (
        <section aria-label={t('limitsCountHere')}>
          <h3>{t('limitsCountHere')}</h3>
          <ul>
            {person.limits.map((one) => (
              <li key={`${one.what} ${one.side}`}>
                {sayBinding(one, words)} <small data-overdue={one.overdue}>{sayBoundBy(one, words)}</small>
              </li>
            ))}
          </ul>
        </section>
      )}
      {person.today && <p>{t('todayTodayWhatThey', { today: sayToday(person.today, words) })}</p>}
      {person.falls && person.falls.times > 0 && (
        <p>
          {sayFalls(person.falls, words)}. {person.beginsWithHand && words.say('records.falls.begin')}
        </p>
      )}
      {person.story && <p>{person.story}</p>}
      {person.watch.length > 0 && (
        <p>
          {t('watch', {
            signs: person.watch.map(({ sign, on }) => `${saySign(sign, words)} (${words.day(on)})`).join(', '),
          })}
        </p>
      )}
      {person.measured.length > 0 && (
        <p>{capital(person.measured.map(({ effect, from }) => sayEffect(effect, from, words)).join('; '))}.</p>
      )}
      {person.seenStanding && <p>{t('seenStandingUnaidedOn', { day: words.day(person.seenStanding) })}</p>}
    </div>
  )
}

function CannotSay({ error }: { error: InputError | null }) {
  const t = useSay('screens.bench')
  const words = useWords()

  return (
    <section aria-label={t('whatStanceShows')} className={styles.findings}>
      <h2 className={styles.verdict} aria-live="polite">
        {t('thisCannotStood')}
      </h2>
      <p role="alert">
        {error && sayWhy(error, words)} {t('undoBringsBackWhat')}
      </p>
    </section>
  )
}

function sayWhy(error: InputError, words: Words): string {
  if (error instanceof UnreachableError && error.byM > 0) {
    return words.say('screens.bench.theLegLegCannot', { leg: error.leg, centimetres: sayCentimetres(error.byM, words) })
  }
  if (error.accepts.code === 'pose') return words.say('screens.bench.noPlaceWasFound')
  return words.say('screens.bench.accepted', {
    what: whereWrongIn(words)[error.field] ?? words.say('screens.bench.theStanceCannotComputed'),
    accepts: sayAccepts(error.accepts, words),
  })
}

const whereWrongIn = (words: Words): Record<string, string> => ({
  'stance.feet': words.say('screens.bench.theFeetOverlapOr'),
  'stance.feet.left.heel': words.say('screens.bench.theLeftLegCannot'),
  'stance.feet.right.heel': words.say('screens.bench.theRightLegCannot'),
  'stance.loadLeftPct': words.say('screens.bench.theWeight'),
  'person.limits.loadMaxPct': words.say('screens.bench.theLoadLimitsLeave'),
})

/** From where the stance comes, where it was decided for them; and what was decided and may not be done today. */
function OriginNote() {
  const words = useWords()
  const said = sayAnswer(
    useBench(({ stance }) => originOf(stance)),
    words,
  )
  return said && <p className={styles.measure}>{said}</p>
}
