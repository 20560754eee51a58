import { type DemoPerson, female, LAUNCH, male, person, physio, seen, surgeon, test } from './make-person'

/** The group "Second Launch", Thursday: after joint surgery and stroke. Invented, all of them. */
export const SECOND_LAUNCH: readonly DemoPerson[] = [
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
    watch: [{ sign: 'hip-sags', on: day(27) }],
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
    answers: [{ caution: 'knee/right/twist', answer: 'confirmed', on: day(60) }],
    limits: [
      seen({ what: 'loadedTurnMaxDeg', side: 'right', value: 0, on: day(60), cause: 'knee/right/twist' }),
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
    conditions: [{ condition: 'stroke', side: 'left', on: day(210) }],
    answers: [{ caution: 'stroke/left/beside', answer: 'confirmed', on: day(210) }],
    limits: [
      seen({ what: 'helperBeside', value: true, on: day(210), cause: 'stroke/left/beside' }),
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
    watch: [{ sign: 'breath-held', on: day(20) }],
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
