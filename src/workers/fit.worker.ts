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

const api = {
  weigh: (person: Person, measures: Measures, taught: Taught, chairs: boolean): Weighings =>
    weighBody(resolveBody(person), measures, taught, chairs),
  choose: (people: Person[], measures: Measures, taught: Taught, weighed: Weighings[], options: FitOptions): FitFound =>
    readFit(chooseForClass(people.map(resolveBody), measures, taught, weighed, options), weighed),
  ownForm: (person: Person, measures: Measures, taught: Taught): OwnForm =>
    findOwnForm(resolveBody(person), measures, taught),
}

export type FitApi = typeof api

expose(api)
