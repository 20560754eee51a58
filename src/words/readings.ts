import {
  type Analysis,
  ASSURED_SDS,
  type Body,
  calcFreeTurn,
  calcLead,
  calcLift,
  calcLongestStep,
  calcNeededBend,
  calcTrack,
  DEG,
  findFullerSide,
  findHeldSplit,
  type HouseKey,
  kneeLoad,
  otherSide,
  SIDES,
  type Side,
  type StepWay,
} from '@/core'
import { sayDegrees, sayPercent } from './figures'
import type { Values, Words } from './language'

/** A number that opens to how it was made. */
export type Reading = {
  name: string
  value: string
  /** The formula in words. */
  formula: string
  source: string
  /** How sure it is. */
  sure?: string
  /** The limit or reserve that it is held against, and who set it. */
  held?: string
  /** It is past that. */
  past?: boolean
}

export type ReadingGroup = { name: string; readings: Reading[] }

/** Everything that the model reads off a stance, in the order in which a teacher would ask. */
export function listReadings(analysis: Analysis, words: Words): ReadingGroup[] {
  const say = new Sayer(words)
  return [
    listMargins(analysis, say),
    ...SIDES.map((side) => listLeg(analysis, side, say)),
    ...listSteps(analysis, say),
    listPushes(analysis, say),
    listAlignment(analysis, say),
  ]
}

/** Says readings' figures and messages in one language. */
class Sayer {
  constructor(readonly words: Words) {}

  text = (key: string, values?: Values) => this.words.say(`readings.${key}`, values)
  cm = (metres: number) => this.words.say('figures.centimetres', { n: (metres * 100).toFixed(1) })
  newtonMetres = (moment: number) => this.words.say('figures.newtonMetres', { n: Math.round(moment) })
  /** With its sign, unless it is written as nothing. */
  signed = (metres: number) => {
    const said = this.cm(Math.abs(metres))
    return Math.abs(metres) < 5e-4 ? said : `${metres < 0 ? '−' : '+'}${said}`
  }
  both = (of: (side: Side) => string) => this.text('both', { left: of('left'), right: of('right') })

  /** Whose figure it is: this person's, this house's, or what is usual. */
  whose({ person }: Body, own: unknown, ...keys: HouseKey[]): string {
    if (own !== undefined) return this.text('whose.person')
    return this.text(`whose.${keys.some((key) => person.house?.[key] !== undefined) ? 'house' : 'usual'}`)
  }

  /** A reading whose name and formula are messages of its own. */
  reading(key: string, value: string, values: Values = {}, source = 'model'): Reading {
    return {
      name: this.text(`${key}.name`, values),
      value,
      formula: this.text(`${key}.formula`, values),
      source: this.text(`source.${source}`),
    }
  }
}

const WAYS = ['forward', 'back', 'left', 'right'] as const

function listMargins(analysis: Analysis, say: Sayer): ReadingGroup {
  const { margins, assured, reserve, ofStanding, tilt, pose } = analysis
  const { share, pressure, placing, usable, body } = assured.parts
  const { person } = pose.body
  const own = person.swayReserve ?? person.swayReserveOneFoot
  const whose = say.whose(pose.body, own, 'swayReserve', 'oneFootReserveFactor', 'eyesClosedReserveFactor')
  const held = say.text('reserve', { reserve: say.cm(reserve), whose })
  const readings: Reading[] = WAYS.map((way) => ({
    name: say.text(`margins.${way}`),
    value: say.cm(margins.usable[way]),
    formula: say.text('margins.formula', { full: say.cm(margins.full[way]) }),
    source: say.text('source.usable'),
    sure: say.text('sure', { sd: say.cm(ASSURED_SDS * assured.sd) }),
    held,
    past: margins.usable[way] < reserve,
  }))
  const parts = { share, pressure, placing, usable, ...(body > 0 && { body }) }
  readings.push({
    ...say.reading('assured', say.cm(assured.margin), { sds: ASSURED_SDS, tilt: say.words.number(tilt / DEG, 1) }),
    sure: Object.entries(parts)
      .map(([cause, sd]) => say.text(`parts.${cause}`, { sd: say.cm(sd) }))
      .join(', '),
    held,
    past: assured.margin < reserve,
  })
  const standing = ofStanding === null ? say.text('standing.unknown') : sayPercent(ofStanding, say.words)
  readings.push(say.reading('standing', standing))
  const split = findHeldSplit(analysis)
  if (split) {
    const [low, high] = [Math.round(split.low * 100), Math.round(split.high * 100)]
    const value = split.none ? say.text('split.none') : say.text('split.value', { low, high })
    readings.push(say.reading('split', value, { ordered: split.orders.length > 0 ? 'yes' : 'no' }))
  }
  const lift = calcLift(pose)
  if (lift) readings.push(readLift(lift, say))
  return { name: say.text('margins.group'), readings }
}

function readLift({ light, now, shift, share }: NonNullable<ReturnType<typeof calcLift>>, say: Sayer): Reading {
  const after = shift === null ? say.text('lift.never') : say.text('lift.after', { shift: say.cm(shift) })
  const weighs = share !== null && !now
  return {
    name: say.text('lift.name', { side: light }),
    value: now ? say.text('lift.now') : after,
    formula: weighs
      ? say.text('lift.weight', { share: sayPercent(share, say.words), side: otherSide(light) })
      : say.text('lift.formula'),
    source: say.text('source.model'),
    past: !now,
  }
}

function listLeg({ legs, pose, findings }: Analysis, side: Side, say: Sayer): ReadingGroup {
  const leg = legs[side]
  const { body } = pose
  const limits = { ...body.person.limits, ...body.person.limits?.[side] }
  const range = body.sides[side]
  const { house } = body
  const deg = (radians: number) => sayDegrees(radians, say.words)
  const over = (code: string) => findings.some((f) => f.code === code && f.side === side)
  const max = Number.isFinite(range.kneeFlexionMax) ? range.kneeFlexionMax : range.kneeRangeMax
  const load = kneeLoad(leg)
  const moments = {
    bending: say.newtonMetres(leg.moment ?? 0),
    sideways: say.newtonMetres(leg.momentFrontal ?? 0),
    perKilogram: say.words.number(load / body.mass, 2),
  }
  const limit = (value: number, own: unknown, key: HouseKey) =>
    say.text('limit', { limit: deg(value), whose: say.whose(body, own, key) })
  const readings: Reading[] = [
    {
      ...say.reading('knee', deg(leg.flexion), {}, 'lengths'),
      held: limit(max, limits.kneeFlexionMax ?? limits.kneeRangeMax, 'kneeRangeMax'),
      past: over('knee.flexion'),
    },
    {
      ...say.reading('toes', say.signed(leg.pastToes)),
      held: say.text('caution', {
        limit: say.cm(house.pastToesCaution),
        whose: say.whose(body, undefined, 'pastToesCaution'),
      }),
      past: leg.pastToes > 0,
    },
    {
      ...say.reading(
        'drift',
        say.text('drift.value', { angle: deg(leg.drift), off: say.signed(leg.offLine) }),
        {},
        'joints',
      ),
      held: say.text('drift.limit', {
        angle: deg(house.kneeDrift),
        off: say.cm(house.kneeDriftOffLine),
        whose: say.whose(body, undefined, 'kneeDrift', 'kneeDriftOffLine'),
      }),
      past: over('knee.drift'),
    },
    {
      ...say.reading('load', leg.moment === null ? say.text('load.seated') : say.newtonMetres(load), moments),
      held: say.text('load.held'),
    },
    {
      ...say.reading(
        'hip',
        say.text('hip.value', { flexion: deg(leg.hip.flexion), rotation: deg(leg.hip.rotation) }),
        { abduction: deg(leg.hip.abduction) },
        'hip',
      ),
      held: say.text('hip.held', {
        outward: deg(range.hipOutwardMax),
        whoseOutward: say.whose(body, limits.hipOutwardMax, 'hipOutwardMax'),
        inward: deg(range.hipInwardMax),
        whoseInward: say.whose(body, limits.hipInwardMax, 'hipInwardMax'),
      }),
      past: over('hip.limit') || leg.rangeExceeded,
    },
    {
      ...say.reading('ankle', deg(leg.dorsiflexion)),
      held: limit(range.dorsiflexionMax, limits.dorsiflexionMax, 'dorsiflexionMax'),
      past: over('ankle.limit'),
    },
  ]
  return { name: say.text('leg.group', { side }), readings }
}

/** How long a step can be taken back from either leg, as deep as this stance is; none from a seat. */
function listSteps({ pose, legs }: Analysis, say: Sayer): ReadingGroup[] {
  const { body, stance } = pose
  if (stance.seat) return []
  const [lead, apart] = [calcLead(stance), Math.abs(calcTrack(stance))]
  const track = apart > body.hipSeparation / 2 ? apart : body.hipSeparation
  const bend = legs[findFullerSide(stance)].flexion
  const readings = SIDES.map((standing): Reading => {
    const from = { standing, kneeFlexion: bend, toeOut: stance.feet[standing].toeOut, track }
    const reach = (way: StepWay) => say.cm(calcLongestStep(body, from, way))
    const ahead = standing === 'left' ? -lead : lead
    const needed = ahead > LEAST_STEP ? calcNeededBend(body, from, 'ahead', ahead) : null
    const values = { side: otherSide(standing), ahead: reach('ahead'), back: reach('back'), aside: reach('side') }
    return {
      ...say.reading('steps', say.text('steps.value', values), { standing, bend: sayDegrees(bend, say.words) }),
      ...(ahead > LEAST_STEP && {
        held:
          needed === null
            ? say.text('steps.never', { step: say.cm(ahead) })
            : say.text('steps.needs', { step: say.cm(ahead), bend: sayDegrees(needed, say.words) }),
        past: needed === null || needed > bend + DEG,
      }),
    }
  })
  return [{ name: say.text('steps.group'), readings }]
}
/** Less is no step. */
const LEAST_STEP = 0.05

function listPushes({ pushes, pose }: Analysis, say: Sayer): ReadingGroup {
  const ways = ({ forward, back, left, right }: Record<(typeof WAYS)[number], number>, unit: string) => {
    const [f, b, l, r] = [forward, back, left, right].map(Math.round) as [number, number, number, number]
    return say.text('ways', { ahead: f, back: b, left: l, right: r, unit })
  }
  const steady = say.text('pushes.steady')
  return {
    name: say.text('pushes.group'),
    readings: [
      say.reading('pushes.hip', ways(pushes.hip, 'N'), { height: say.cm(pose.pelvis[2]) }),
      {
        name: say.text('pushes.shoulder.name'),
        value: ways(pushes.shoulder, 'N'),
        formula: steady,
        source: say.text('source.model'),
      },
      {
        ...say.reading('pushes.sudden', ways(pushes.sudden, 'N·s'), {}, 'sudden'),
        held: say.text('pushes.sudden.held'),
      },
    ],
  }
}

const sayWays = ({ hips, back }: Analysis['alignment']['bend']) => ({
  hipsWay: hips < 0 ? 'back' : 'forward',
  backWay: back < 0 ? 'back' : 'forward',
})

function listAlignment({ alignment, pose }: Analysis, say: Sayer): ReadingGroup {
  const { thigh, shoulderOverHip, pairs, evenness, bend, handReach } = alignment
  const { both, signed, text } = say
  const deg = (radians: number) => sayDegrees(radians, say.words)
  const turn = calcFreeTurn(pose.body, pose.stance)
  const readings: [key: string, value: string, values?: Values][] = [
    ['thighs', both((side) => deg(thigh[side]))],
    [
      'shoulders',
      both((side) => text('alignment.shoulders.value', { by: signed(shoulderOverHip[side][1]) })),
      { sideways: both((side) => signed(shoulderOverHip[side][0])) },
    ],
    [
      'bend',
      text('alignment.bend.value', {
        hips: deg(Math.abs(bend.hips)),
        back: deg(Math.abs(bend.back)),
        ...sayWays(bend),
      }),
    ],
    [
      'reach',
      both((side) =>
        text('alignment.reach.value', { ahead: say.cm(handReach[side].forward), down: say.cm(handReach[side].down) }),
      ),
    ],
    ['turn', text('alignment.turn.value', { left: deg(turn.left), right: deg(turn.right) })],
    ['pelvis', deg(alignment.pelvisToFrontFoot)],
    ['feet', deg(alignment.footToFoot)],
    ['line', deg(alignment.oneLine), { off: say.cm(alignment.frontOffVertical) }],
    [
      'pairs',
      both((side) => text('alignment.pairs.value', { hand: signed(pairs[side].handFoot) })),
      {
        elbow: both((side) => signed(pairs[side].elbowKnee)),
        shoulder: both((side) => signed(pairs[side].shoulderHip)),
      },
    ],
    ['evenness', sayPercent(evenness, say.words)],
  ]
  return {
    name: text('alignment.group'),
    readings: readings.map(([key, value, values]) => say.reading(`alignment.${key}`, value, values)),
  }
}
