/** The one door into the core. */
export * from './analysis'
export type { EdgeCause } from './balance/cause'
export { calcFreeTurn } from './balance/free-turn'
export { findHeldSplit, type HeldSplit } from './balance/held-split'
export { CARRIES, kneeLoad, type LegReading } from './balance/legs'
export { calcLift, type Lift } from './balance/lift'
export type { Margins } from './balance/margins'
export type { FourWays } from './balance/push'
export { findKeptShare, type KeptShare, makeOwnStanding } from './balance/share'
export { ASSURED_SDS, INPUT_SD } from './balance/uncertainty'
export { type Body, PROPORTIONS, resolveBody } from './body/body'
export { HOUSE_KEYS, HOUSE_RULES, type House, type HouseKey, type HouseRule } from './body/house'
export {
  LIMIT_KEYS,
  LIMITS,
  type LimitKey,
  type LimitPlace,
  type LimitRow,
  type LimitUnit,
  LOWERED_KEYS,
  limitOf,
  SIDE_LIMIT_KEYS,
  type SideLimitKey,
  WHOLE_LIMIT_KEYS,
} from './body/limits'
export type { Lengths, Limits, Person, SideLimits } from './body/person'
export { SEAT_KINDS, type SeatKind } from './body/seat-kinds'
export type { Sex } from './body/segments'
export { PRESSED_KINDS, PUSHING_KINDS, SUPPORT_KINDS, type SupportKind } from './body/support-kinds'
export * from './conventions'
export { type Accepts, InputError, type Refusal } from './errors'
export { calcDeeperBend, isAsSaid } from './fit/as-said'
export type { Choice } from './fit/choose-levels'
export {
  type ClassFit,
  chooseForClass,
  type FitOptions,
  readAsTaught,
  standLevel,
  weighBody,
} from './fit/fit-class'
export { FORMS, type Form, type FormFound, findForm, findOwnForm, type OwnForm, readForm } from './fit/form'
export { type LevelChange, listLevelChanges } from './fit/level-changes'
export type { Taught, Weighings } from './fit/weigh-levels'
export { calcHull } from './geometry/polygon'
export type { Figure, Finding, MotionCode, Part, Unit, Verdict } from './limits/finding'
export { BROKEN, RULES, ruleOf } from './limits/registry'
export type { Rule } from './limits/rule'
export { SUPPORTS_BY_HELP } from './limits/supports'
export { type BoardDistance, type BoardSetting, calcBoardDistance, placeByBoard } from './measure/board'
export {
  PHOTO_FIGURES,
  PHOTO_POINTS,
  PHOTO_SD,
  type PhotoFigure,
  type PhotoPoint,
  type PhotoPoints,
  type PhotoReading,
  type PhotoSetting,
  readPhoto,
} from './measure/photo'
export { type PhotoCentre, readPhotoCentre } from './measure/photo-centre'
export { GAP_S, type Ordered, putInOrder, type Reading, type ReadingKind, type ReadingOf } from './measure/readings'
export { seeded } from './measure/seeded'
export { calcSplit, SCALE_SD_KG, type Split } from './measure/split'
export {
  disturb,
  type Mischief,
  NO_MISCHIEF,
  OLDER_SWAY,
  type Shift,
  type StandInSetting,
  standIn,
} from './measure/stand-in'
export { STILL, type Still, StillReader } from './measure/still'
export { calcSway, reserveOfSway, type Sway } from './measure/sway'
export { calcWorth, SETTLED, type Settled, type Worth } from './measure/worth'
export { calcDose, type Dose } from './motion/dose'
export type { EmptyStep } from './motion/empty-step'
export { FIRST_SAID } from './motion/first-said'
export { fitRoom, type RoomFit } from './motion/fit-room'
export { CHAIR_HALF, fitWalk, listVerdicts, type WalkedFloor, type WalkFit, type WayChair } from './motion/fit-walk'
export { foldRoutine } from './motion/fold'
export { type Hall, placeInHall } from './motion/hall'
export { verdictOf, verdictOfTransition } from './motion/judge-path'
export { findNearerSteps } from './motion/nearer-step'
export * from './motion/path'
export { PHASE_KINDS, type PhaseKind } from './motion/phase'
export type { Plan } from './motion/plan'
export type { Stood } from './motion/posing'
export type { Readings, Roll, Turn } from './motion/readings'
export { calcDrift, calcExtent, calcInRoom, calcSupportingSpare, type Footprint, listFootprints } from './motion/room'
export { MOTION_RULES, type MotionFinding } from './motion/rules'
export {
  findSaferWays,
  markWay,
  refineStep,
  type SaferKind,
  type SaferWay,
  type SaferWays,
  type WayMarks,
} from './motion/safer'
export {
  compareTallies,
  findMeasure,
  type Measure,
  type Measured,
  measureRoutine,
  type Tally,
  tallyPath,
} from './motion/safer-routine'
export * from './motion/shown'
export { calcLongestStep, calcNeededBend, STEP_WAYS, type StandingLeg, type StepWay } from './motion/step-back'
export type { TimedPhase, Transition } from './motion/transition'
export { costOf, type Way, type WayChange, walkWay } from './motion/way-change'
export { readWayIn, type WayIn } from './motion/way-in'
export { keepWays, type WayMemory } from './motion/way-memory'
export { type JointName, type Pose, UnreachableError } from './pose/pose'
export { teachAlso, WAYS_TAUGHT, type WayTaught } from './postures/also-taught'
export { ARM_PRESET_IDS, ARM_PRESETS, type ArmPreset } from './postures/arms'
export { type Candidate, listCandidates } from './postures/candidates'
export {
  BREATHS,
  type Breath,
  CHOICES,
  type Choices,
  type ChoicesSet,
  chooseOver,
  LANDINGS,
  type Landing,
  USUAL_CHOICES,
} from './postures/choices'
export { type FootMeasure, layOut, type Measures, measureStance } from './postures/measures'
export { buildPosture, type Posture } from './postures/posture'
export { LIBRARY, POSTURE_IDS, postureOf } from './postures/postures'
export { SCHOOL_IDS, SCHOOLS, type School, type SchoolId } from './postures/schools'
export { type Traits, traitsOf } from './postures/traits'
export * from './practice/decide'
export * from './practice/hour'
export * from './practice/load'
export * from './practice/rules'
export { BEARING_PARTS, FOOT_OUTLINE, layOnFloor, type PlacedFoot } from './stance/foot'
export { type Footing, findFrontSide, findFullerSide, findLightSide, setFooting, shareOf } from './stance/footing'
export { calcLead, calcTrack } from './stance/layout'
export { mirrorStance } from './stance/mirror'
export { fromRoom, sayFrom, toRoom } from './stance/placed'
export { makeSeated } from './stance/seated'
export * from './stance/stance'
export { makeStandingStance } from './stance/standing'
export { asStoodBy } from './variants/demands'
export { listGains } from './variants/explain'
export { findGivenUp, type Meaning } from './variants/meaning'
export { findMeasurements, type Measurement } from './variants/measure'
export * from './variants/variant'
export { findVariants } from './variants/variants'
export type { IsOver } from './variants/weigh'
