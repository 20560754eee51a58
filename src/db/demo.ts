import { eq } from 'drizzle-orm'
import type { PersonDocument } from '@/formats/person-document'
import type { Database } from './client'
import { facts, people } from './schema'

type DemoPerson = { id: string; name: string; story: string; document: PersonDocument }

/** The Lantern Quay day centre: invented people of the groups "Slack Tide" and "Second Launch". */
export const DEMO_PEOPLE: readonly DemoPerson[] = [
  {
    id: 'odalys-marrin',
    name: 'Odalys Marrin',
    story: 'Slack Tide. Arthritis in the left knee: no deeper than 30°, by her own word. Likes to go too low.',
    document: {
      statureM: 1.62,
      massKg: 68,
      sex: 'female',
      ageYears: 74,
      footLengthM: 0.24,
      usableAlong: 0.45,
      limits: { kneeFlexionMaxDeg: 30 },
    },
  },
  {
    id: 'bram-tallow',
    name: 'Bram Tallow',
    story: 'Slack Tide. Tall, stiff ankles, looks at the floor. Uses a stick outdoors.',
    document: {
      statureM: 1.84,
      massKg: 91,
      sex: 'male',
      ageYears: 81,
      swayReserveM: 0.018,
      limits: { dorsiflexionMaxDeg: 20 },
    },
  },
  {
    id: 'keziah-underhill',
    name: 'Keziah Underhill',
    story: 'Second Launch. Right hip replaced in spring: not past 90°, no crossing, no inward turn (clinician).',
    document: {
      statureM: 1.68,
      massKg: 74,
      sex: 'female',
      ageYears: 67,
      limits: { hipFlexionMaxDeg: 90, hipAdductionMaxDeg: 0, hipInwardMaxDeg: 10, kneeFlexionMaxDeg: 45 },
    },
  },
  {
    id: 'marit-quill',
    name: 'Marit Quill',
    story: 'Slack Tide. Small and quick, afraid of falling since the winter. Steadier beside a chair.',
    document: { statureM: 1.52, massKg: 53, sex: 'female', ageYears: 84, footLengthM: 0.225, swayReserveM: 0.018 },
  },
  {
    id: 'severin-aldous',
    name: 'Severin Aldous',
    story: 'Second Launch. At most half his weight on the left leg until the next review (clinician).',
    document: {
      statureM: 1.75,
      massKg: 82,
      sex: 'male',
      ageYears: 70,
      limits: { loadMaxPct: { left: 50, right: 100 }, kneeFlexionMaxDeg: 50 },
    },
  },
  {
    id: 'tomasz-ferrow',
    name: 'Tomasz Ferrow',
    story: 'Slack Tide. Rows on the quay; the strongest of the group. A large belly: the centre lies further forward.',
    document: { statureM: 1.79, massKg: 104, sex: 'male', ageYears: 63, trunkShiftM: 0.03, usableAlong: 0.55 },
  },
]

const PUT_IN = 'demo people'

/** Puts the demo people in, once: what was changed or taken away since then stays so. */
export async function putInDemo(db: Database, now: Date): Promise<void> {
  const [done] = await db.select().from(facts).where(eq(facts.key, PUT_IN))
  if (done) return
  const createdAt = now.toISOString()
  await db.transaction(async (tx) => {
    await tx.insert(people).values(DEMO_PEOPLE.map((person) => ({ ...person, createdAt })))
    await tx.insert(facts).values({ key: PUT_IN, value: createdAt })
  })
}
