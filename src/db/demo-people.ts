import { type LimitEntry, makeRecord, type RecordDocument, type TestEntry } from '@/formats/record-document'

/** Somebody of the demo world; dates are counted back from the day on which it is put in. */
export type DemoPerson = { id: string; make: (now: Date) => RecordDocument }

type Days = (daysAgo: number) => string
type Body = RecordDocument['body']
type Words = Partial<Omit<RecordDocument, 'format' | 'name' | 'body'>>

const DAY = 86_400_000

const daysFrom =
  (now: Date): Days =>
  (daysAgo) =>
    new Date(now.getTime() - daysAgo * DAY).toISOString().slice(0, 10)

const person = (id: string, name: string, body: Body, words: (day: Days) => Words): DemoPerson => ({
  id,
  make: (now) => {
    const day = daysFrom(now)
    const measured = { massKg: { on: day(60) }, ageYears: { on: day(60) } }
    return makeRecord(name, body, { measured, ...words(day) })
  },
})

const SLACK = ['Slack Tide']
const LAUNCH = ['Second Launch']

type Limit = Pick<LimitEntry, 'what' | 'side' | 'value' | 'grade' | 'on' | 'reviewOn' | 'cause'>

const by =
  (source: LimitEntry['source']) =>
  (limit: Limit): LimitEntry => ({ ...limit, source })
const own = by({ kind: 'self-reported' })
const seen = by({ kind: 'instructor', name: 'Ines Calloway' })
const surgeon = by({ kind: 'clinician', name: 'Dr. A. Venn' })
const physio = by({ kind: 'clinician', name: 'R. Osei, physiotherapist' })

const test = (id: TestEntry['test'], on: string, ...trials: number[]): TestEntry => ({ test: id, on, trials })

const female = (statureM: number, massKg: number, ageYears: number, more: Partial<Body> = {}): Body => ({
  statureM,
  massKg,
  sex: 'female',
  ageYears,
  ...more,
})
const male = (statureM: number, massKg: number, ageYears: number, more: Partial<Body> = {}): Body => ({
  ...female(statureM, massKg, ageYears, more),
  sex: 'male',
})

/** The Lantern Quay day centre: invented people of the groups "Slack Tide" (Tuesday) and "Second Launch" (Thursday). */
export const DEMO_PEOPLE: readonly DemoPerson[] = [
  person('odalys-marrin', 'Odalys Marrin', female(1.62, 68, 74, { footLengthM: 0.24 }), (day) => ({
    story: 'Arthritis in the left knee: no deeper than 30°, by her own word. Likes to go too low.',
    groups: SLACK,
    conditions: [{ condition: 'knee', side: 'left', on: day(200) }],
    limits: [own({ what: 'kneeFlexionMaxDeg', side: 'left', value: 30, on: day(48) })],
    tests: [
      test('functional-reach', day(240), 23, 24),
      test('functional-reach', day(20), 24, 25, 25),
      test('tandem', day(20), 10),
      test('one-leg-left', day(20), 9, 11, 10),
      test('one-leg-right', day(20), 13, 12),
      test('chair-stand', day(20), 11),
    ],
    watch: [{ sign: 'hurries', on: day(13) }],
  })),
  person('bram-tallow', 'Bram Tallow', male(1.84, 91, 81), (day) => ({
    story: 'Tall, stiff ankles, looks at the floor. Uses a stick outdoors.',
    groups: SLACK,
    usualSupport: 'a stick outdoors',
    limits: [seen({ what: 'dorsiflexionMaxDeg', value: 20, on: day(55) })],
    tests: [
      test('stands-unaided', day(55), 1),
      test('tandem', day(55), 6, 7),
      test('semi-tandem', day(55), 10),
      test('up-and-go', day(55), 12.4, 11.9),
    ],
    watch: [{ sign: 'looks down', on: day(6) }],
  })),
  person('keziah-underhill', 'Keziah Underhill', female(1.68, 74, 67), (day) => ({
    story: 'Right hip replaced in spring. Careful, precise, hears every word.',
    groups: LAUNCH,
    conditions: [{ condition: 'hip-posterior', side: 'right', on: day(150) }],
    answers: [
      { caution: 'hip-posterior/right/flexion', answer: 'confirmed', on: day(150) },
      { caution: 'hip-posterior/right/midline', answer: 'confirmed', on: day(150) },
      {
        caution: 'hip-posterior/right/inward',
        answer: 'changed',
        on: day(150),
        reason: '10° allowed since the review',
      },
      { caution: 'hip-posterior/right/toes', answer: 'confirmed', on: day(150) },
    ],
    limits: [
      surgeon({ what: 'hipFlexionMaxDeg', side: 'right', value: 90, on: day(150), reviewOn: day(-30) }),
      surgeon({ what: 'hipAdductionMaxDeg', side: 'right', value: 0, on: day(150), reviewOn: day(-30) }),
      surgeon({ what: 'hipInwardMaxDeg', side: 'right', value: 10, on: day(60), reviewOn: day(-30) }),
      seen({ what: 'kneeFlexionMaxDeg', value: 45, on: day(90) }),
    ],
    tests: [
      test('functional-reach', day(34), 29, 31, 30),
      test('one-leg-left', day(34), 14),
      test('one-leg-right', day(34), 6, 7),
    ],
    watch: [{ sign: 'hip sags out over the carrying leg', on: day(27) }],
  })),
  person('marit-quill', 'Marit Quill', female(1.52, 53, 84, { footLengthM: 0.225 }), (day) => ({
    story: 'Small and quick, afraid of falling since the winter. Steadier beside a chair.',
    groups: SLACK,
    conditions: [{ condition: 'fear', on: day(190) }],
    answers: [{ caution: 'fear/hand', answer: 'changed', on: day(190), reason: 'a chair back, not the wall' }],
    limits: [seen({ what: 'support', value: 'chair-back', on: day(190), cause: 'fear/hand' })],
    tests: [test('stands-unaided', day(41), 1), test('semi-tandem', day(41), 8, 9), test('side-by-side', day(41), 10)],
  })),
  person('severin-aldous', 'Severin Aldous', male(1.75, 82, 70), (day) => ({
    story: 'Left knee replaced. At most half his weight on the left leg until the next review.',
    groups: LAUNCH,
    conditions: [
      { condition: 'knee', side: 'left', on: day(70) },
      { condition: 'weight-bearing', side: 'left', on: day(70) },
    ],
    answers: [{ caution: 'weight-bearing/left/load', answer: 'confirmed', on: day(70) }],
    limits: [
      surgeon({
        what: 'loadMaxPct',
        side: 'left',
        value: 50,
        grade: 'partial',
        on: day(70),
        reviewOn: day(4),
        cause: 'weight-bearing/left/load',
      }),
      physio({ what: 'kneeFlexionMaxDeg', side: 'left', value: 40, on: day(35), reviewOn: day(-40) }),
    ],
    tests: [test('functional-reach', day(35), 31, 30), test('tandem', day(35), 10)],
  })),
  person('tomasz-ferrow', 'Tomasz Ferrow', male(1.79, 104, 63, { trunkShiftM: 0.03 }), (day) => ({
    story: 'Rows on the quay; the strongest of the group. A large belly: the centre lies further forward.',
    groups: SLACK,
    conditions: [{ condition: 'abdomen', on: day(100) }],
    answers: [{ caution: 'abdomen/centre', answer: 'confirmed', on: day(100) }],
    tests: [
      test('functional-reach', day(41), 32, 33),
      test('one-leg-left', day(41), 24),
      test('one-leg-right', day(41), 31),
    ],
  })),
  person('isolde-farrant', 'Isolde Farrant', female(1.66, 64, 69), (day) => ({
    story: 'Danced for thirty years. Helps set out the tape.',
    groups: SLACK,
    tests: [
      test('functional-reach', day(41), 35, 36),
      test('one-leg-left', day(41), 38),
      test('one-leg-right', day(41), 41),
    ],
  })),
  person('perrin-locke', 'Perrin Locke', male(1.72, 76, 66), (day) => ({
    story: 'Came with a sore shoulder and stayed.',
    groups: SLACK,
    conditions: [{ condition: 'shoulder', side: 'right', on: day(80) }],
    answers: [
      { caution: 'shoulder/right/low', answer: 'changed', on: day(80), reason: 'level is comfortable' },
      { caution: 'shoulder/right/back', answer: 'confirmed', on: day(80) },
    ],
    limits: [
      own({ what: 'armElevationMaxDeg', side: 'right', value: 90, on: day(80), cause: 'shoulder/right/low' }),
      own({ what: 'armBackMaxDeg', side: 'right', value: 0, on: day(80), cause: 'shoulder/right/back' }),
    ],
    complaints: [{ complaint: 'shoulder', when: 'reaching the shelf', on: day(80) }],
    tests: [
      test('functional-reach', day(80), 33),
      test('one-leg-left', day(80), 22),
      test('one-leg-right', day(80), 26),
    ],
  })),
  person('adaeze-mburu', 'Adaeze Mburu', female(1.58, 81, 72), (day) => ({
    story: 'Diabetes, numb soles. Wants the reason for everything.',
    groups: SLACK,
    conditions: [{ condition: 'numb-feet', on: day(120) }],
    answers: [
      { caution: 'numb-feet/eyes', answer: 'confirmed', on: day(120) },
      {
        caution: 'numb-feet/hand',
        answer: 'declined',
        on: day(120),
        reason: 'steady in the tandem stand; reviewed with her nurse',
      },
    ],
    limits: [seen({ what: 'eyesOpen', value: true, on: day(120), cause: 'numb-feet/eyes' })],
    tests: [
      test('functional-reach', day(27), 26, 27),
      test('tandem', day(27), 10),
      test('one-leg-left', day(27), 6),
      test('one-leg-right', day(27), 7),
    ],
  })),
  person('lorcan-brae', 'Lorcan Brae', male(1.76, 88, 78), (day) => ({
    story: 'Ferry pilot. One leg shorter, measured lying; a lift in the shoe.',
    groups: SLACK,
    legDifference: { shorter: 'right', byM: 0.012, how: 'lying', on: day(300) },
    tests: [test('functional-reach', day(230), 27), test('tandem', day(230), 10), test('chair-stand', day(230), 12)],
    complaints: [{ complaint: 'low-back', when: 'after long standing', on: day(20) }],
  })),
  person('yuki-harland', 'Yuki Harland', female(1.55, 49, 79), (day) => ({
    story: 'Osteoporosis, two old wrist breaks. Light as a leaf and steady.',
    groups: SLACK,
    conditions: [{ condition: 'osteoporosis', on: day(140) }],
    answers: [
      { caution: 'osteoporosis/bend', answer: 'confirmed', on: day(140) },
      { caution: 'osteoporosis/twist', answer: 'confirmed', on: day(140) },
      { caution: 'osteoporosis/cues', answer: 'confirmed', on: day(140) },
    ],
    limits: [
      seen({ what: 'trunkForwardMaxDeg', value: 15, on: day(140), cause: 'osteoporosis/bend' }),
      seen({ what: 'trunkTwistMaxDeg', value: 25, on: day(140), cause: 'osteoporosis/twist' }),
    ],
    tests: [
      test('functional-reach', day(13), 25, 26),
      test('tandem', day(13), 9, 10),
      test('one-leg-left', day(13), 8),
      test('one-leg-right', day(13), 10),
    ],
  })),
  person('old-fenn', 'Fenwick “Old Fenn” Dunmore', male(1.7, 72, 90), (day) => ({
    story: 'Ninety, boatbuilder. Parkinson’s: steps to the tape, never alone.',
    groups: SLACK,
    usualSupport: 'a walker',
    conditions: [{ condition: 'parkinson-stroke', on: day(400) }],
    answers: [{ caution: 'parkinson-stroke/beside', answer: 'confirmed', on: day(400) }],
    limits: [
      seen({ what: 'helperBeside', value: true, on: day(400), cause: 'parkinson-stroke/beside' }),
      seen({ what: 'support', value: 'chair-back', on: day(90) }),
      seen({ what: 'kneeFlexionMaxDeg', value: 20, on: day(90) }),
    ],
    tests: [
      test('up-and-go', day(90), 19.5, 18.8),
      test('side-by-side', day(90), 10),
      test('semi-tandem', day(90), 4),
      test('chair-stand', day(90), 5),
    ],
  })),
  person('calla-wynd', 'Calla Wynd', female(1.64, 70, 76), (day) => ({
    story: 'Broke the left ankle on the slip. Sits until it is healed.',
    groups: SLACK,
    conditions: [{ condition: 'weight-bearing', side: 'left', on: day(25) }],
    answers: [{ caution: 'weight-bearing/left/load', answer: 'changed', on: day(25), reason: 'no weight at all' }],
    limits: [
      surgeon({
        what: 'loadMaxPct',
        side: 'left',
        value: 0,
        grade: 'none',
        on: day(25),
        reviewOn: day(-17),
        cause: 'weight-bearing/left/load',
      }),
    ],
  })),
  person('wilhelm-oster', 'Wilhelm Oster', male(1.74, 86, 82), (day) => ({
    story: 'Dizzy spells, new tablets. Comes for the company.',
    groups: SLACK,
    conditions: [{ condition: 'dizziness', on: day(45) }],
    answers: [
      { caution: 'dizziness/chair', answer: 'confirmed', on: day(45) },
      { caution: 'dizziness/eyes', answer: 'confirmed', on: day(45) },
    ],
    limits: [
      seen({ what: 'support', value: 'chair-back', on: day(45), cause: 'dizziness/chair' }),
      seen({ what: 'eyesOpen', value: true, on: day(45), cause: 'dizziness/eyes' }),
    ],
    today: [{ on: day(0), reason: 'dizzy this morning', seatedOnly: true }],
    tests: [test('stands-unaided', day(45), 1), test('tandem', day(45), 5)],
  })),
  person('hester-bright', 'Hester Bright', female(1.6, 72, 71), (day) => ({
    story: 'Left hip replaced from the front. Back on her bicycle.',
    groups: LAUNCH,
    conditions: [{ condition: 'hip-anterior', side: 'left', on: day(110) }],
    answers: [{ caution: 'hip-anterior/left/extension', answer: 'confirmed', on: day(110) }],
    limits: [
      surgeon({
        what: 'hipExtensionOutwardMaxDeg',
        side: 'left',
        value: 5,
        on: day(110),
        reviewOn: day(20),
        cause: 'hip-anterior/left/extension',
      }),
    ],
    tests: [test('functional-reach', day(27), 30), test('tandem', day(27), 10)],
  })),
  person('ruan-castellane', 'Ruan Castellane', male(1.81, 95, 64), (day) => ({
    story: 'Both knees, old football. Strong arms, short holds.',
    groups: LAUNCH,
    conditions: [{ condition: 'knee', side: 'right', on: day(60) }],
    limits: [
      physio({ what: 'kneeFlexionMaxDeg', side: 'right', value: 30, on: day(60), reviewOn: day(-60) }),
      physio({ what: 'kneeFlexionMaxDeg', side: 'left', value: 40, on: day(60), reviewOn: day(-60) }),
      seen({ what: 'holdMaxS', value: 10, on: day(60) }),
    ],
    tests: [test('functional-reach', day(60), 34), test('tandem', day(60), 10), test('chair-stand', day(60), 9)],
    complaints: [{ complaint: 'knee', when: 'going downstairs', on: day(12) }],
  })),
  person('imke-sorrel', 'Imke Sorrel', female(1.7, 66, 58), (day) => ({
    story: 'A stroke last year; the left side is slower. Reads, laughs, practises at home.',
    groups: LAUNCH,
    conditions: [{ condition: 'parkinson-stroke', on: day(210) }],
    answers: [{ caution: 'parkinson-stroke/beside', answer: 'confirmed', on: day(210) }],
    limits: [
      seen({ what: 'helperBeside', value: true, on: day(210), cause: 'parkinson-stroke/beside' }),
      physio({ what: 'loadMaxPct', side: 'left', value: 60, grade: 'partial', on: day(80), reviewOn: day(10) }),
      physio({ what: 'dorsiflexionMaxDeg', side: 'left', value: 12, on: day(80) }),
    ],
    tests: [test('functional-reach', day(80), 22, 24), test('tandem', day(80), 7), test('semi-tandem', day(80), 10)],
  })),
  person('benedikt-shaw', 'Benedikt Shaw', male(1.68, 79, 75), (day) => ({
    story: 'Heart by-pass in the autumn. Effort three of ten, never holds his breath now.',
    groups: LAUNCH,
    conditions: [{ condition: 'heart-lung', on: day(75) }],
    answers: [{ caution: 'heart-lung/arms', answer: 'confirmed', on: day(75) }],
    limits: [
      seen({ what: 'armElevationMaxDeg', value: 80, on: day(75), cause: 'heart-lung/arms' }),
      seen({ what: 'holdMaxS', value: 15, on: day(75) }),
    ],
    tests: [test('functional-reach', day(34), 28), test('tandem', day(34), 10), test('up-and-go', day(34), 10.1)],
    watch: [{ sign: 'breath held', on: day(20) }],
  })),
  person('noor-tongerlo', 'Noor van Tongerlo', female(1.73, 69, 62), (day) => ({
    story: 'Right knee ligament, young for the group. Impatient.',
    groups: LAUNCH,
    limits: [physio({ what: 'kneeFlexionMaxDeg', side: 'right', value: 50, on: day(40), reviewOn: day(-50) })],
    tests: [
      test('functional-reach', day(40), 37),
      test('one-leg-left', day(40), 30),
      test('one-leg-right', day(40), 12),
    ],
    watch: [{ sign: 'hurries', on: day(13) }],
  })),
  person('gideon-marsh', 'Gideon Marsh', male(1.69, 70, 73), (day) => ({
    story: 'Low back; a long spine and small turns do him good.',
    groups: LAUNCH,
    conditions: [{ condition: 'low-back', on: day(95) }],
    answers: [
      { caution: 'low-back/turns', answer: 'confirmed', on: day(95) },
      { caution: 'low-back/back', answer: 'confirmed', on: day(95) },
    ],
    limits: [
      seen({ what: 'trunkTwistMaxDeg', value: 20, on: day(95), cause: 'low-back/turns' }),
      seen({ what: 'trunkBackMaxDeg', value: 0, on: day(95), cause: 'low-back/back' }),
    ],
    tests: [test('functional-reach', day(34), 28, 29), test('tandem', day(34), 10)],
  })),
  person('oona-petrel', 'Oona Petrel', female(1.57, 60, 80), (day) => ({
    story: 'Second hip this year, both from behind. Both groups, whenever she can.',
    groups: [...SLACK, ...LAUNCH],
    conditions: [
      { condition: 'hip-posterior', side: 'left', on: day(280) },
      { condition: 'hip-posterior', side: 'right', on: day(65) },
    ],
    limits: [
      surgeon({ what: 'hipFlexionMaxDeg', value: 90, on: day(65), reviewOn: day(-25) }),
      surgeon({ what: 'hipInwardMaxDeg', value: 0, on: day(65), reviewOn: day(-25) }),
      surgeon({ what: 'hipAdductionMaxDeg', value: 0, on: day(65), reviewOn: day(-25) }),
    ],
    tests: [
      test('stands-unaided', day(30), 1),
      test('semi-tandem', day(30), 10),
      test('tandem', day(30), 4),
      test('functional-reach', day(30), 21),
    ],
  })),
  person('mathis-orrin', 'Mathis Orrin', male(1.86, 97, 68), (day) => ({
    story: 'A new hip in the summer, and already asks for the deep stances.',
    groups: LAUNCH,
    conditions: [{ condition: 'hip-posterior', side: 'left', on: day(85) }],
    answers: [
      { caution: 'hip-posterior/left/flexion', answer: 'confirmed', on: day(85) },
      { caution: 'hip-posterior/left/midline', answer: 'confirmed', on: day(85) },
      { caution: 'hip-posterior/left/inward', answer: 'confirmed', on: day(85) },
    ],
    limits: [
      surgeon({
        what: 'hipFlexionMaxDeg',
        side: 'left',
        value: 90,
        on: day(85),
        reviewOn: day(-5),
        cause: 'hip-posterior/left/flexion',
      }),
      surgeon({
        what: 'hipAdductionMaxDeg',
        side: 'left',
        value: 0,
        on: day(85),
        reviewOn: day(-5),
        cause: 'hip-posterior/left/midline',
      }),
      surgeon({
        what: 'hipInwardMaxDeg',
        side: 'left',
        value: 0,
        on: day(85),
        reviewOn: day(-5),
        cause: 'hip-posterior/left/inward',
      }),
    ],
    tests: [test('functional-reach', day(27), 33), test('tandem', day(27), 10)],
  })),
]
