import type { SeatKind } from '@/core'
import type { Hall } from '@/documents/house-settings'
import type { Worked } from '@/teaching/lessons/work-piece'

/** Somebody in a lesson, as far as chairs and helpers go. */
export type Needing = {
  support: string | null
  helperBeside: boolean
  worked: readonly Pick<Worked, 'as' | 'room'>[]
  sitsOn?: SeatKind | undefined
}

/** What a lesson needs: counted for everybody who is there; metres. */
export type Needs = {
  chairs: number
  seats: number
  /** Of the seats, with arms to rise by. */
  armrests: number
  /** Those who bring their own seat, and want a place for it. */
  wheelchairs: number
  walls: number
  helpers: number
  room: [number, number]
}

/** Steps less than this wide need no room of their own. */
const WALKS = 1.2

const isSeated = ({ worked }: Needing): boolean => worked.some(({ as }) => as === 'seated')

export function countNeeds(people: readonly Needing[]): Needs {
  const count = (is: (one: Needing) => boolean) => people.filter(is).length
  const rooms = people.flatMap(({ worked }) => worked.map(({ room }) => room))
  const most = (at: 0 | 1) => Math.max(0, ...rooms.map((room) => room[at]))
  const room: [number, number] = [most(0), most(1)]
  return {
    chairs: count(({ support, worked }) => support === 'chair-back' || worked.some(({ as }) => as === 'chair')),
    seats: count((one) => isSeated(one) && one.sitsOn !== 'wheelchair'),
    armrests: count((one) => isSeated(one) && one.sitsOn === 'armrests'),
    wheelchairs: count(({ sitsOn }) => sitsOn === 'wheelchair'),
    walls: count(({ support }) => support === 'wall'),
    helpers: count(({ support, helperBeside }) => helperBeside || support === 'helper'),
    room: Math.max(...room) > WALKS ? room : [0, 0],
  }
}

/** What of it the hall does not have: so many chairs, and whether its floor is too small. What nobody counted is not short. */
export function findShort(
  { chairs, seats, room }: Needs,
  { chairs: has, roomM }: Hall,
): { chairs: number; room: boolean } {
  const [small = 0, large = 0] = [...room].sort((a, b) => a - b)
  const [narrow = 0, long = 0] = [...(roomM ?? [])].sort((a, b) => a - b)
  return {
    chairs: has === undefined ? 0 : Math.max(0, chairs + seats - has),
    room: roomM !== undefined && (small > narrow || large > long),
  }
}
