import { dayOf } from '@/documents/day'
import { addDays, weekdayOf } from '@/documents/days'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import type { LogBody } from '@/documents/log-document'

/** Eight weeks of the demo world: what was taught, and what was written down at the door. Invented, all of it. */
export type DemoRow = { personId: string; groupId: string; day: string; piece: string; title: string; body: LogBody }
export type DemoLesson = { groupId: string; day: string; document: LessonDocument }

const WEEKS = 8
const TUESDAY = 2
const THURSDAY = 4

/** How somebody's weeks went: effort and pain of each class (null: not there), and what else was seen. */
type Weeks = {
  effort: (number | null)[]
  pain?: number[]
  painAt?: LogBody['painAt']
  painSide?: LogBody['painSide']
  wobbles?: number[]
  touches?: number[]
  hold: [left: number, right: number][]
  as?: LogBody['as']
  whole?: boolean[]
  nearFall?: number
  dizzy?: number
  bad?: number
  words?: Record<number, string>
}

const each = (value: number): number[] => new Array(WEEKS).fill(value)
const holds = (left: number[], right: number[]): [number, number][] => left.map((one, i) => [one, right[i] as number])

const SLACK: Record<string, Weeks> = {
  'odalys-marrin': {
    effort: [5, 5, 4, 5, 4, null, 4, 4],
    pain: [2, 3, 2, 2, 2, 2, 2, 2],
    painAt: 'knee',
    painSide: 'left',
    wobbles: [2, 2, 1, 2, 1, 0, 1, 1],
    hold: holds([6, 6, 7, 7, 8, 8, 8, 9], [9, 9, 10, 10, 11, 11, 12, 12]),
    as: 'steps',
    words: { 3: 'goes too low when nobody looks' },
  },
  // The instructor should worry: pain that grows, a near fall, the left leg falling behind.
  'bram-tallow': {
    effort: [4, 5, 5, 5, 6, 6, 6, 7],
    pain: [0, 0, 1, 1, 2, 3, 4, 5],
    painAt: 'hip',
    painSide: 'left',
    wobbles: [2, 2, 3, 3, 3, 4, 4, 6],
    touches: [1, 1, 1, 2, 2, 3, 3, 4],
    hold: holds([7, 7, 7, 6, 6, 5, 5, 4], [8, 8, 8, 8, 8, 8, 9, 9]),
    as: 'in-place',
    nearFall: 7,
    words: { 5: 'sat down twice', 7: 'caught the chair stepping back, sat, had tea' },
  },
  'marit-quill': {
    effort: [6, 5, 5, 5, 4, 4, 4, 3],
    wobbles: [3, 2, 2, 2, 1, 1, 1, 1],
    touches: [4, 3, 3, 2, 2, 2, 1, 1],
    hold: holds([4, 4, 5, 5, 6, 6, 7, 7], [5, 5, 5, 6, 6, 7, 7, 8]),
    as: 'chair',
    words: { 4: 'let go of the chair for a whole round' },
  },
  'tomasz-ferrow': {
    effort: [3, 3, 4, 3, 3, 3, 4, 3],
    wobbles: [0, 1, 0, 0, 1, 0, 0, 1],
    hold: holds([15, 16, 16, 17, 18, 18, 19, 20], [17, 17, 18, 18, 19, 20, 20, 21]),
    as: 'taught',
  },
  // Ready for more.
  'isolde-farrant': {
    effort: [3, 3, 3, 2, 2, 2, 2, 2],
    wobbles: [1, 0, 0, 0, 0, 0, 0, 0],
    hold: holds([20, 22, 24, 25, 26, 28, 29, 30], [22, 23, 25, 26, 28, 29, 30, 31]),
    as: 'taught',
  },
  'perrin-locke': {
    effort: [4, 4, null, 4, 4, 3, 4, 4],
    wobbles: [2, 1, 0, 1, 1, 1, 0, 1],
    hold: holds([8, 9, 9, 10, 10, 11, 11, 12], [8, 8, 9, 9, 10, 10, 11, 11]),
    as: 'chair',
  },
  'adaeze-mburu': {
    effort: [4, 4, 4, 3, 4, 3, 3, 4],
    wobbles: [1, 1, 1, 0, 1, 0, 0, 1],
    hold: holds([10, 10, 11, 12, 12, 13, 13, 14], [10, 11, 11, 12, 13, 13, 14, 14]),
    as: 'taught',
    bad: 6,
  },
  'lorcan-brae': {
    effort: [5, 5, 5, 4, 5, 5, 4, 5],
    wobbles: [2, 2, 1, 2, 1, 1, 2, 1],
    hold: holds([9, 9, 10, 10, 11, 11, 11, 12], [5, 5, 5, 6, 6, 6, 6, 7]),
    as: 'steps',
  },
  'yuki-harland': {
    effort: [3, 4, 3, 3, 3, null, null, 3],
    wobbles: [0, 1, 0, 0, 0, 0, 0, 0],
    hold: holds([16, 17, 18, 18, 19, 19, 19, 18], [16, 16, 17, 18, 19, 19, 19, 17]),
    as: 'taught',
  },
  'old-fenn': { effort: [3, 3, 3, null, 3, 3, 3, 3], hold: holds(each(0), each(0)), as: 'seated' },
  'calla-wynd': { effort: [2, 2, 3, 2, 2, 2, 2, 2], hold: holds(each(0), each(0)), as: 'seated' },
  'wilhelm-oster': {
    effort: [4, 4, 4, 4, null, 4, 4, 4],
    hold: holds(each(0), each(0)),
    as: 'seated',
    dizzy: 7,
    words: { 7: 'dizzy after turning the head; sat, it passed' },
  },
}

/** After surgery or a stroke: how hard it was and how much it hurt at first, which leg lags, how much it caught up. */
const healing = (
  hard: number,
  pain: number,
  painAt: LogBody['painAt'],
  lag: 'left' | 'right',
  caught: number,
): Weeks => {
  const good = [5, 5, 6, 6, 7, 7, 8, 8]
  const weak = good.map((one, week) => Math.max(2, Math.round(one * (0.5 + (caught * week) / (2 * WEEKS)))))
  return {
    effort: each(hard).map((one, week) => Math.max(2, one - Math.floor(week / 3))),
    pain: each(pain).map((one, week) => Math.max(0, one - Math.floor(week / 2))),
    painAt,
    painSide: lag,
    wobbles: [3, 2, 2, 2, 1, 1, 1, 1],
    touches: [4, 4, 3, 3, 2, 2, 2, 1],
    hold: lag === 'left' ? holds(weak, good) : holds(good, weak),
    as: 'chair',
  }
}

const LAUNCH: Record<string, Weeks> = {
  'keziah-underhill': healing(5, 3, 'hip', 'right', 0.9),
  'severin-aldous': healing(6, 2, 'knee', 'left', 0.5),
  'hester-bright': healing(5, 4, 'knee', 'right', 0.7),
  'ruan-castellane': healing(4, 2, 'knee', 'left', 0.8),
  'imke-sorrel': healing(4, 1, 'back', 'left', 1),
  'benedikt-shaw': healing(6, 3, 'hip', 'left', 0.3),
  'noor-tongerlo': healing(3, 1, 'ankle', 'right', 1),
  'gideon-marsh': healing(5, 0, 'other', 'left', 0.4),
}
const USUAL = healing(5, 2, 'knee', 'left', 0.6)

const AIMS = ['even', 'empty-step', 'arms', 'way-back', 'even', 'empty-step', 'flow', 'way-back'] as const
const POSTURES = ['bow', 'empty-ball', 'ward-off', 'brush-knee', 'bow', 'empty-ball', 'wild-horse', 'push'] as const
const EXERCISES = [
  'side-to-side',
  'toe-taps',
  'arms',
  'back-to-front',
  'side-to-side',
  'toe-taps',
  'waist',
  'back-to-front',
] as const

/** Nm·s for each kilogram that a minute of a piece asked of a knee. */
const ASKED: Record<PieceDocument['kind'], number> = {
  exercise: 14.5,
  posture: 15.5,
  transition: 16,
  routine: 18,
  fault: 12,
  rest: 0,
  talk: 0,
}

function piecesOf(week: number): PieceDocument[] {
  const posture = POSTURES[week % WEEKS] as string
  const both = { side: 'both' as const, posture, kind: 'posture' as const }
  return [
    { id: 'arrive', kind: 'talk', minutes: 3 },
    { id: 'warm', kind: 'exercise', exercise: 'arm-circles', minutes: 7 },
    { id: 'prepare', kind: 'exercise', exercise: EXERCISES[week % WEEKS], minutes: 6 },
    { id: 'legs', ...both, limbs: 'legs', minutes: 6, holdS: 6, practised: 'balance' },
    { id: 'rest', kind: 'rest', minutes: 2 },
    { id: 'arms', ...both, limbs: 'arms', minutes: 5 },
    { id: 'both', ...both, minutes: 7, holdS: 5, practised: 'whole' },
    { id: 'sit', kind: 'rest', minutes: 2 },
    { id: 'walk', kind: 'routine', routine: week < 3 ? 'first-weeks' : 'quay-four', minutes: 7, paced: true },
    { id: 'close', kind: 'exercise', exercise: 'waist', minutes: 5, paced: true },
  ]
}

const lessonOf = (week: number): LessonDocument => ({
  minutes: 50,
  aim: AIMS[week % WEEKS] as LessonDocument['aim'],
  school: 'therapeutic',
  fading: true,
  pieces: piecesOf(week),
})

/** The last weekday before a day. */
function lastBefore(today: string, weekday: number): string {
  const back = (weekdayOf(today) - weekday + 7) % 7
  return addDays(today, -(back === 0 ? 7 : back))
}

type Member = { id: string; mass: number }

/** What was taught and written down for a group, and what is planned for it next. */
function historyOf(
  groupId: string,
  weekday: number,
  members: readonly Member[],
  today: string,
  weeks: (id: string) => Weeks,
) {
  const last = lastBefore(today, weekday)
  const days = Array.from({ length: WEEKS }, (_, week) => addDays(last, -7 * (WEEKS - 1 - week)))
  const lessons = days.map(
    (day, week): DemoLesson => ({
      groupId,
      day,
      document: { ...lessonOf(week), taughtAt: new Date(`${day}T10:55:00`).toISOString() },
    }),
  )
  const rows = days.flatMap((day, week) =>
    members.flatMap(({ id, mass }) => rowsOf(id, groupId, day, week, mass, weeks(id), piecesOf(week))),
  )
  const next: DemoLesson = { groupId, day: addDays(last, 7), document: lessonOf(3) }
  return { lessons: [...lessons, next], rows }
}

function rowsOf(
  personId: string,
  groupId: string,
  day: string,
  week: number,
  mass: number,
  weeks: Weeks,
  pieces: readonly PieceDocument[],
): DemoRow[] {
  const place = { personId, groupId, day }
  const effort = weeks.effort[week] ?? null
  if (effort === null) return [{ ...place, piece: '', title: '', body: { came: false } }]
  const pain = weeks.pain?.[week] ?? 0
  const sits = weeks.as === 'seated'
  const word = weeks.words?.[week]
  const whole: DemoRow = {
    ...place,
    piece: '',
    title: '',
    body: {
      came: true,
      effort,
      pain,
      ...(pain > 0 && weeks.painAt && { painAt: weeks.painAt }),
      ...(pain > 0 && weeks.painSide && { painSide: weeks.painSide }),
      wobbles: weeks.wobbles?.[week] ?? 0,
      touches: weeks.touches?.[week] ?? 0,
      whole: weeks.whole?.[week] ?? effort < 6,
      ...(weeks.nearFall === week && { nearFall: true }),
      ...(weeks.dizzy === week && { dizzy: true }),
      ...(weeks.bad === week && { bad: true }),
      ...(word && { word }),
    },
  }
  const [left, right] = weeks.hold[week] as [number, number]
  const done = pieces
    .filter(({ kind }) => kind !== 'rest' && kind !== 'talk')
    .map(({ id, kind, minutes }): DemoRow => {
      const nms = sits ? 0 : Math.round((ASKED[kind] ?? 0) * minutes * mass)
      return {
        ...place,
        piece: id,
        title: '',
        body: {
          as: weeks.as ?? 'taught',
          rounds: Math.max(1, Math.round(minutes * 1.6)),
          minutes,
          ...(!sits && {
            kneeNms: { left: nms, right: Math.round(nms * 1.03) },
            stretchNms: { left: Math.round(mass * 285), right: Math.round(mass * 290) },
            kneeFlexionDeg: Math.round(14 + week * 0.9 - pain),
            stepPct: weeks.as === 'steps' ? 50 : weeks.as === 'in-place' ? 0 : 100,
            spareM: Math.round((0.012 + 0.0015 * week - 0.002 * pain) * 1000) / 1000,
          }),
          ...(id === 'both' && !sits && { holdS: { left, right } }),
        },
      }
    })
  return [whole, ...done]
}

export function makeHistory(
  members: readonly (Member & { group: string })[],
  now: Date,
): { lessons: DemoLesson[]; rows: DemoRow[] } {
  const today = dayOf(now)
  const of = (group: string) => members.filter((one) => one.group === group)
  const slack = historyOf('slack-tide', TUESDAY, of('slack-tide'), today, (id) => SLACK[id] ?? USUAL)
  const launch = historyOf('second-launch', THURSDAY, of('second-launch'), today, (id) => LAUNCH[id] ?? USUAL)
  return { lessons: [...slack.lessons, ...launch.lessons], rows: [...slack.rows, ...launch.rows] }
}
