import type { Balance } from '../balance/balance'
import type { LegReading } from '../balance/legs'
import type { Body } from '../body/body'
import type { HouseKey } from '../body/house'
import type { Limits } from '../body/person'
import type { BySide, Side } from '../conventions'
import type { Footing } from '../stance/footing'
import type { Contact } from '../stance/stance'
import type { Finding, FindingCode } from './finding'

/** What a rule about one leg looks at. */
export type LegFacts = { side: Side; leg: LegReading; contact: Contact; seated: boolean; body: Body; footing: Footing }

/** What a rule about the whole stance looks at. */
export type StanceFacts = { footing: Footing; legs: BySide<LegReading>; balance: Balance }

/** A leg stands, is held in the air, or rests from a seat. */
export type LegState = 'standing' | 'held' | 'seated'

type Described = {
  /** The code alone where one rule gives it, else with its aspect. */
  id: string
  code: FindingCode
  /** The thresholds of the house that it speaks from, and the limits of the person that it holds. */
  house?: readonly HouseKey[]
  limits?: readonly (keyof Limits)[]
}

/** What the sentence of a finding names besides its figures and its place. */
export type Says = NonNullable<Finding['says']>

/** What a rule finds; its code comes from the rule. */
export type Found = Omit<Finding, 'code' | 'rule'>

/** A rule looks at one thing and answers with a finding or null. */
export type LegRule = Described & { when: readonly LegState[]; find: (facts: LegFacts) => Found | null }
export type StanceRule = Described & { find: (facts: StanceFacts) => Found | null }
export type Rule = LegRule | StanceRule
