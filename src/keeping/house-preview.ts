import { z } from 'zod'
import { tryAnalyse } from '@/core'
import { type HouseDocument, houseDocument } from '@/documents/house-document'
import { parse } from '@/documents/parse'
import { bodyOf, type toPerson, toStance } from '@/documents/to-core'
import type { KeptRecord } from '@/records/kept-record'
import { resolveRecord } from '@/records/resolve'
import { readStanding } from '@/records/standing'
import { isAway } from '@/records/today'
import { today } from './clock'
import { readGroups } from './groups'
import { readHouse } from './house'
import { listOwn, type OwnPosture } from './library'
import { listRecords } from './people'
import { type ClassPlan, listPlans } from './plans'

/** Who holds with one set of rules and not with the other, by name. */
export type Turned = { no: string[]; again: string[] }

/** What other rules would change: in people's own standing, and in what each kept plan has them do. */
export type HousePreview = {
  standing: Turned
  plans: ({ group: string; posture: { id: string; own: { name: string } | null } } & Turned)[]
}

const preview = z.object({ rules: houseDocument })

/** What rules would change before they are kept. @throws InputError naming the rule that is out of range */
export async function previewHouse(value: unknown): Promise<HousePreview> {
  const { rules } = parse(preview, value, 'house')
  const [records, plans, groups, own, house, day] = await Promise.all([
    listRecords(),
    listPlans(),
    readGroups(),
    listOwn(),
    readHouse(),
    today(),
  ])
  const people = records.filter(({ record }) => !record.archived)
  const both = [house.rules, rules as HouseDocument] as const
  const turn = (who: readonly KeptRecord[], holds: (kept: KeptRecord, rules: HouseDocument) => boolean): Turned => {
    const turned: Turned = { no: [], again: [] }
    for (const kept of who) {
      const [before, after] = both.map((one) => holds(kept, one))
      if (before !== after) turned[after ? 'again' : 'no'].push(kept.record.name)
    }
    return turned
  }
  return {
    standing: turn(people, ({ record }, one) => {
      const { analysis } = readStanding(record, resolveRecord(record, day, one).document, day)
      return analysis?.verdict === 'holds'
    }),
    plans: plans
      .map(({ group, posture, plan }) => ({
        group: groups.find(({ id }) => id === group)?.name ?? group,
        posture: nameOf(posture, own),
        ...turn(
          people.filter(({ record }) => !isAway(record, day)),
          ({ id, record }, one) => holdsInPlan(plan, id, resolveRecord(record, day, one).document),
        ),
      }))
      .filter(({ no, again }) => no.length + again.length > 0),
  }
}

const nameOf = (id: string, own: readonly OwnPosture[]) => {
  const name = own.find((one) => one.id === id)?.document.name
  return { id, own: name === undefined ? null : { name } }
}

function holdsInPlan({ people }: ClassPlan['plan'], id: string, document: Parameters<typeof toPerson>[0]): boolean {
  const stance = people.find((one) => one.id === id)?.stance
  return stance ? tryAnalyse(bodyOf(document), toStance(stance))?.verdict === 'holds' : false
}
