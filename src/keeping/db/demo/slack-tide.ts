import { type DemoPerson, female, LAUNCH, male, own, person, SLACK, seen, surgeon, test } from './make-person'

/** The group "Slack Tide", Tuesday: seniors. Invented, all of them. */
export const SLACK_TIDE: readonly DemoPerson[] = [
  person('odalys-marrin', 'Odalys Marrin', female(1.62, 68, 74, { footLengthM: 0.24 }), (day) => ({
    story: 'Arthritis in the left knee: no deeper than 30°, by her own word. Likes to go too low.',
    groups: SLACK,
    conditions: [{ condition: 'knee', side: 'left', on: day(200) }],
    answers: [
      { caution: 'knee/left/short', answer: 'declined', on: day(48), reason: 'holds are never long here' },
      { caution: 'knee/left/twist', answer: 'declined', on: day(48), reason: 'she empties the foot before it turns' },
    ],
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
    watch: [{ sign: 'looks-down', on: day(6) }],
  })),
  person('marit-quill', 'Marit Quill', female(1.52, 53, 84, { footLengthM: 0.225 }), (day) => ({
    story: 'Small and quick, afraid of falling since the winter. Steadier beside a chair.',
    groups: SLACK,
    conditions: [{ condition: 'fear', on: day(190) }],
    answers: [{ caution: 'fear/hand', answer: 'changed', on: day(190), reason: 'a chair back, not the wall' }],
    limits: [seen({ what: 'support', value: 'chair-back', on: day(190), cause: 'fear/hand' })],
    falls: [{ on: day(41), times: 1, injured: true, doing: 'on the icy slip' }],
    tests: [test('stands-unaided', day(41), 1), test('semi-tandem', day(41), 8, 9), test('side-by-side', day(41), 10)],
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
    conditions: [{ condition: 'parkinson', on: day(400) }],
    answers: [
      { caution: 'parkinson/beside', answer: 'confirmed', on: day(400) },
      { caution: 'parkinson/turns', answer: 'confirmed', on: day(90) },
    ],
    limits: [
      seen({ what: 'loadedTurnMaxDeg', value: 0, on: day(90), cause: 'parkinson/turns' }),
      seen({ what: 'helperBeside', value: true, on: day(400), cause: 'parkinson/beside' }),
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
]
