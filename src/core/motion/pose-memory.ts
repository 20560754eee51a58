import type { Body } from '../body/body'
import { USUAL_LIFT } from '../stance/stance'
import type { FootInstant, Held, Instant } from './instant'
import { followBody } from './one-body'
import type { Phase } from './phase'

/**
 * Remembers what was made of one body after the other. A way is planned, timed and stood at the same key stances, and a
 * change of it leaves most of them as they are: of ways that are tried beside each other, nine instants in ten were made
 * before. What is remembered is what would be made anew, to the last digit: `make` hangs on its body and key alone.
 * @param kept so many are kept twice over; few where they are large, because what is kept is dear to collect
 */
function remember<T>(kept: number) {
  const isSameBody = followBody()
  let [young, old] = [new Map<string, T>(), new Map<string, T>()]
  return (body: Body, key: string, make: () => T): T => {
    if (!isSameBody(body)) {
      young = new Map()
      old = new Map()
    }
    const known = young.get(key)
    if (known !== undefined) return known
    const made = old.get(key) ?? make()
    young.set(key, made)
    // What was not asked for during two generations is forgotten.
    if (young.size >= kept) {
      old = young
      young = new Map()
    }
    return made
  }
}

/** What little was made of an instant, of what is held, and of one number besides. */
export function rememberInstants<T>() {
  const recall = remember<T>(8192)
  return (body: Body, instant: Instant, held: Held, besides: number, make: () => T): T =>
    recall(body, key.of(instant, held, besides), make)
}

/** What was made of a phase, of what is held, and of one number besides. */
export function rememberPhases<T>(kept: number) {
  const recall = remember<T>(kept)
  return (body: Body, phase: Phase, held: Held, besides: number, make: () => T): T => {
    const { kind, foot, about, from, to, order, bend, lands, rolled, heightAtContact } = phase
    const said = JSON.stringify([kind, foot, about, order, bend, lands, rolled, heightAtContact])
    return recall(body, key.of(from, held, besides) + key.of(to, held, 0) + said, make)
  }
}

const CONTACTS: readonly string[] = Object.keys(USUAL_LIFT)
const NUMBERS = 34
/** So many ways to hold on are told apart by what they say; what is forgotten gets a number that none had. */
const HELD_MOST = 512

/** All numbers of an instant, bit by bit, as one string: many times quicker than writing them out. */
class InstantKey {
  private readonly numbers = new Float64Array(NUMBERS)
  private readonly bits = new Uint16Array(this.numbers.buffer) as unknown as number[]
  private readonly ids = new WeakMap<Held, number>()
  private readonly said = new Map<string, number>()
  private held = 0

  of({ feet, heading, loadLeft, pelvis, height, pelvisTilt, trunk, arms }: Instant, held: Held, besides: number) {
    const { numbers } = this
    numbers[0] = heading
    numbers[1] = loadLeft
    numbers[2] = pelvis
    numbers[3] = height
    numbers[4] = pelvisTilt
    numbers[5] = trunk.pitch
    numbers[6] = trunk.roll
    numbers[7] = trunk.yaw
    let at = 8
    for (const arm of [arms.left, arms.right]) {
      numbers[at++] = arm.elevation
      numbers[at++] = arm.opening
      numbers[at++] = arm.elbow
      numbers[at++] = arm.elbowInward
    }
    at = this.putFoot(feet.left, at)
    at = this.putFoot(feet.right, at)
    numbers[at] = besides
    numbers[at + 1] = this.idOf(held)
    return String.fromCharCode.apply(null, this.bits)
  }

  private putFoot(foot: FootInstant, from: number): number {
    const { numbers } = this
    numbers[from] = foot.heel[0]
    numbers[from + 1] = foot.heel[1]
    numbers[from + 2] = foot.yaw
    numbers[from + 3] = foot.pressureAt
    numbers[from + 4] = foot.clearance
    numbers[from + 5] = foot.lift
    numbers[from + 6] = foot.rolls
    numbers[from + 7] = CONTACTS.indexOf(foot.contact)
    return from + 8
  }

  /** What is held throughout is one object for many instants. */
  private idOf(held: Held): number {
    const known = this.ids.get(held)
    if (known !== undefined) return known
    const said = JSON.stringify(held)
    const id = this.said.get(said) ?? ++this.held
    if (this.said.size >= HELD_MOST) this.said.clear()
    this.said.set(said, id)
    this.ids.set(held, id)
    return id
  }
}

const key = new InstantKey()
