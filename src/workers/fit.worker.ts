import { expose } from 'comlink'
import {
  chooseForClass,
  type FitOptions,
  findOwnForm,
  type Measures,
  type OwnForm,
  type Person,
  resolveBody,
  type Taught,
  type Weighings,
  weighBody,
} from '@/core'
import { type FitFound, readFit } from './fit-found'
import { limitTime } from './limit-time'

/** For one person, and for the choice: a class of sixteen is through in a few seconds of these. */
const LIMIT_MS = 10_000

const api = {
  weigh: (person: Person, measures: Measures, taught: Taught, chairs: boolean): Weighings =>
    weighBody(resolveBody(person), measures, taught, chairs, undefined, limitTime(LIMIT_MS)),
  choose: (people: Person[], measures: Measures, taught: Taught, weighed: Weighings[], options: FitOptions): FitFound =>
    readFit(
      chooseForClass(people.map(resolveBody), measures, taught, weighed, { ...options, isOver: limitTime(LIMIT_MS) }),
      weighed,
    ),
  ownForm: (person: Person, measures: Measures, taught: Taught): OwnForm =>
    findOwnForm(resolveBody(person), measures, taught, limitTime(LIMIT_MS)),
}

export type FitApi = typeof api

expose(api)
