import {
  type Analysis,
  ASSURED_SDS,
  type Body,
  calcFreeTurn,
  calcLift,
  DEG,
  type HouseKey,
  kneeLoad,
  otherSide,
  SIDES,
  type Side,
} from '@/core'
import { findHeldSplit } from '@/ui/floor/stage/held-split'
import type { Reading, ReadingGroup } from './reading'

const cm = (metres: number) => `${(metres * 100).toFixed(1)} cm`
const deg = (radians: number) => `${Math.round(radians / DEG)}°`
const signed = (metres: number) => `${metres < 0 ? '−' : '+'}${Math.abs(metres * 100).toFixed(1)} cm`
const MODEL = 'this program’s model, docs/method.md'
const HOF = 'Hof, Gazendam & Sinke, J Biomech 38 (2005)'

/** Everything that the model reads off a stance, in the order in which a teacher would ask. */
export function listReadings(analysis: Analysis): ReadingGroup[] {
  return [
    listMargins(analysis),
    ...SIDES.map((side) => listLeg(analysis, side)),
    listPushes(analysis),
    listAlignment(analysis),
  ]
}

/** Whose figure it is: this person's, this house's, or what is usual. */
function sayWhose({ person }: Body, own: unknown, ...keys: HouseKey[]): string {
  if (own !== undefined) return 'set for this person'
  return keys.some((key) => person.house?.[key] !== undefined) ? 'set by this house' : 'usual'
}

function listMargins(analysis: Analysis): ReadingGroup {
  const { margins, assured, reserve, ofStanding, tilt, pose } = analysis
  const sure = `± ${cm(ASSURED_SDS * assured.sd)} (one-sided 95 %)`
  const { share, pressure, placing, usable, body } = assured.parts
  const { person } = pose.body
  const own = person.swayReserve ?? person.swayReserveOneFoot
  const whose = sayWhose(pose.body, own, 'swayReserve', 'oneFootReserveFactor', 'eyesClosedReserveFactor')
  const held = `reserve for sway ${cm(reserve)}, ${whose}`
  const formula = 'from the centre of mass, projected to the floor, to the edge of the usable base that way'
  const ways = [
    ['Ahead', margins.usable.forward, margins.full.forward],
    ['Behind', margins.usable.back, margins.full.back],
    ['Left', margins.usable.left, margins.full.left],
    ['Right', margins.usable.right, margins.full.right],
  ] as const
  const readings: Reading[] = ways.map(([name, distance, full]) => ({
    name,
    value: cm(distance),
    formula: `${formula}; to the edge of the feet themselves ${cm(full)}`,
    source: `usable part of the foot after King, Judge & Wolfson 1994; ${MODEL}`,
    sure,
    held,
    past: distance < reserve,
  }))
  const parts = { share, pressure, placing, usable, ...(body > 0 && { body }) }
  readings.push({
    name: 'Sure to spare',
    value: cm(assured.margin),
    formula: `the least over the edges of the distance less ${ASSURED_SDS} of its standard deviation; as an angle at the centre of mass ${(tilt / DEG).toFixed(1)}°`,
    source: MODEL,
    sure: Object.entries(parts)
      .map(([cause, sd]) => `${cause} ${cm(sd)}`)
      .join(', '),
    held,
    past: assured.margin < reserve,
  })
  readings.push({
    name: 'Against own standing',
    value: ofStanding === null ? 'cannot be said' : `${Math.round(ofStanding * 100)} %`,
    formula:
      'what is sure here over what is sure for the same person standing parallel, heels a shoulder width apart, knees 15°',
    source: MODEL,
  })
  const split = findHeldSplit(analysis)
  if (split) {
    readings.push({
      name: 'Weight that can be held',
      value: split.none
        ? 'none within the order'
        : `${Math.round(split.low * 100)} to ${Math.round(split.high * 100)} % left`,
      formula: `every share for which the centre is that mixture of a point in each foot’s bearing part${split.orders.length > 0 ? ', as far as the orders on load go' : ''}`,
      source: MODEL,
    })
  }
  const lift = calcLift(pose)
  if (lift) readings.push(readLift(lift))
  return { name: 'How near the edge', readings }
}

function readLift({ light, now, shift, share }: NonNullable<ReturnType<typeof calcLift>>): Reading {
  const value = now ? 'yes, now' : shift === null ? 'not on this foot' : `after ${cm(shift)}`
  const weight = share === null || now ? '' : `; at ${Math.round(share * 100)} % on the ${otherSide(light)} foot`
  return {
    name: `Lift the ${light} foot`,
    value,
    formula: `the light foot comes up with no further shift once the centre is in the standing foot’s usable part with the reserve for one foot${weight}`,
    source: MODEL,
    past: !now,
  }
}

function listLeg({ legs, pose, findings }: Analysis, side: Side): ReadingGroup {
  const leg = legs[side]
  const { body } = pose
  const limits = { ...body.person.limits, ...body.person.limits?.[side] }
  const range = body.sides[side]
  const { house } = body
  const over = (code: string) => findings.some((f) => f.code === code && f.side === side)
  const max = Number.isFinite(range.kneeFlexionMax) ? range.kneeFlexionMax : range.kneeRangeMax
  const load = kneeLoad(leg)
  const readings: Reading[] = [
    {
      name: 'Knee bend',
      value: deg(leg.flexion),
      formula: '180° less the angle between thigh and shank, by the law of cosines from hip to ankle',
      source: 'lengths after Drillis & Contini 1966 where not measured',
      held: `${deg(max)}, ${sayWhose(body, limits.kneeFlexionMax ?? limits.kneeRangeMax, 'kneeRangeMax')}`,
      past: over('knee.flexion'),
    },
    {
      name: 'Past the toes',
      value: signed(leg.pastToes),
      formula: 'how far the knee is ahead of the toe tip along the foot',
      source: MODEL,
      held: `a caution above ${cm(house.pastToesCaution)}, ${sayWhose(body, undefined, 'pastToesCaution')}`,
      past: leg.pastToes > 0,
    },
    {
      name: 'Knee falls in',
      value: `${deg(leg.drift)}, ${signed(leg.offLine)} off line`,
      formula: 'the angle about the hip-ankle line by which the hip’s range moves the knee from over its foot',
      source: 'joint coordinate system of Wu et al. 2002',
      held: `a caution above ${deg(house.kneeDrift)} and ${cm(house.kneeDriftOffLine)}, ${sayWhose(body, undefined, 'kneeDrift', 'kneeDriftOffLine')}`,
      past: over('knee.drift'),
    },
    {
      name: 'Load on the knee',
      value: leg.moment === null ? 'seated' : `${Math.round(load)} Nm`,
      formula: `vertical ground force times its distance from the knee: ${Math.round(leg.moment ?? 0)} Nm bending, ${Math.round(leg.momentFrontal ?? 0)} Nm sideways; ${(load / body.mass).toFixed(2)} Nm/kg. Weight of foot and shank left out`,
      source: MODEL,
      held: 'no limit: less is kinder',
    },
    {
      name: 'Hip',
      value: `${deg(leg.hip.flexion)} bent, ${deg(leg.hip.rotation)} out`,
      formula: `thigh against pelvis, as reached; ${deg(leg.hip.abduction)} to the side`,
      source: 'Wu et al. 2002; ranges after Norkin & White',
      held: `${deg(range.hipOutwardMax)} out (${sayWhose(body, limits.hipOutwardMax, 'hipOutwardMax')}), ${deg(range.hipInwardMax)} in (${sayWhose(body, limits.hipInwardMax, 'hipInwardMax')})`,
      past: over('hip.limit') || leg.rangeExceeded,
    },
    {
      name: 'Ankle',
      value: deg(leg.dorsiflexion),
      formula: 'shank tilt forward of the foot’s vertical, in the foot’s own side view',
      source: MODEL,
      held: `${deg(range.dorsiflexionMax)}, ${sayWhose(body, limits.dorsiflexionMax, 'dorsiflexionMax')}`,
      past: over('ankle.limit'),
    },
  ]
  return { name: `${side === 'left' ? 'Left' : 'Right'} leg`, readings }
}

function listPushes({ pushes, pose }: Analysis): ReadingGroup {
  const ways = (four: { forward: number; back: number; left: number; right: number }, unit: string) =>
    `${Math.round(four.forward)} ahead, ${Math.round(four.back)} back, ${Math.round(four.left)} left, ${Math.round(four.right)} right (${unit})`
  const steady = 'mass · g · distance to the edge of the feet / height: the body held as one piece tips about that edge'
  return {
    name: 'How hard a push it takes',
    readings: [
      {
        name: 'Steady, at the hip',
        value: ways(pushes.hip, 'N'),
        formula: `${steady}; ${cm(pose.pelvis[2])} high`,
        source: MODEL,
      },
      { name: 'Steady, at the shoulder', value: ways(pushes.shoulder, 'N'), formula: steady, source: MODEL },
      {
        name: 'Sudden',
        value: ways(pushes.sudden, 'N·s'),
        formula:
          'mass · distance to the usable edge · √(g / height of the centre): what carries the extrapolated centre to the edge',
        source: HOF,
        held: 'nobody is pushed to test them: this stands in for it',
      },
    ],
  }
}

function listAlignment(analysis: Analysis): ReadingGroup {
  const { alignment, pose } = analysis
  const { thigh, shoulderOverHip, pairs } = alignment
  const turn = calcFreeTurn(pose.body, pose.stance)
  const both = (say: (side: Side) => string) => `left ${say('left')}, right ${say('right')}`
  const source = MODEL
  return {
    name: 'As a teacher looks',
    readings: [
      {
        name: 'Thighs',
        value: both((s) => deg(thigh[s])),
        formula: 'how far each thigh falls against level: 0° is a level thigh, 90° standing',
        source,
      },
      {
        name: 'Shoulder over hip',
        value: both((s) => `${signed(shoulderOverHip[s][1])} ahead`),
        formula: `shoulder centre less hip centre; sideways ${both((s) => signed(shoulderOverHip[s][0]))}`,
        source,
      },
      {
        name: 'Free pelvis turn',
        value: `${deg(turn.left)} left, ${deg(turn.right)} right`,
        formula:
          'how far the pelvis can turn from here, feet and weight held, before a knee falls in by 5° or a hip’s range ends',
        source,
      },
      {
        name: 'Pelvis to front foot',
        value: deg(alignment.pelvisToFrontFoot),
        formula: 'direction of the front foot less the pelvis’ heading, to the left positive',
        source,
      },
      {
        name: 'Foot to foot',
        value: deg(alignment.footToFoot),
        formula: 'the angle between the feet, which teachers judge by eye to about 5°',
        source,
      },
      {
        name: 'One line',
        value: deg(alignment.oneLine),
        formula: `between rear heel to hips and hips to crown, from the side; the front side’s shoulder, knee and ankle are ${cm(alignment.frontOffVertical)} off one vertical`,
        source,
      },
      {
        name: 'Three outer pairs',
        value: both((s) => `hand ${signed(pairs[s].handFoot)}`),
        formula: `hand over foot, elbow over knee, shoulder over hip, outward positive; elbow ${both((s) => signed(pairs[s].elbowKnee))}; shoulder ${both((s) => signed(pairs[s].shoulderHip))}`,
        source,
      },
      {
        name: 'Evenness',
        value: `${Math.round(alignment.evenness * 100)} %`,
        formula: 'the shortest over the longest way to the usable edge: 100 % is as near in every direction',
        source,
      },
    ],
  }
}
