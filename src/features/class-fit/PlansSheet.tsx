import Button from '@mui/material/Button'
import { useState } from 'react'
import { dayOf } from '@/documents/day'
import type { Posture } from '@/documents/posture-document'
import type { ClassPlan } from '@/keeping/plans'
import type { Group } from '@/records/groups'
import { Field } from '@/ui/forms/Field'
import { Form } from '@/ui/forms/Form'
import { Sheet } from '@/ui/words/Sheet'
import { ENGLISH } from '@/words/language'
import { sayCount } from '@/words/levels'
import { sayPostureName, saySchool } from '@/words/postures'
import styles from './class-fit.module.css'
import type { usePlans } from './use-plans'

type PlansSheetProps = {
  open: boolean
  onClose: () => void
  plans: ReturnType<typeof usePlans>
  groups: readonly Group[]
  postures: readonly Posture[]
  onOpen: (plan: ClassPlan) => void
}

/** Every plan that is kept: for whom, what, since when; opened, named, noted on, or taken away. */
export function PlansSheet({ open, onClose, plans, groups, postures, onOpen }: PlansSheetProps) {
  const [wording, setWording] = useState<ClassPlan | null>(null)
  const sorted = plans.plans.toSorted((a, b) => b.updatedAt.localeCompare(a.updatedAt))
  const nameOf = (plan: ClassPlan) => {
    const group = groups.find(({ id }) => id === plan.group)?.name ?? 'a group that nobody is in'
    const posture = postures.find(({ id }) => id === plan.posture)
    return `${group}, ${posture ? sayPostureName(posture) : 'a posture that is gone'}`
  }
  return (
    <Sheet title="Kept plans" open={open} onClose={onClose} wide>
      {plans.problem && <p role="alert">{plans.problem}</p>}
      {sorted.length === 0 && <p className={styles.quiet}>None yet. “Keep for the class” keeps what is shown.</p>}
      <ul className={styles.plans}>
        {sorted.map((plan) => {
          const { school, side, levels, people, name, note } = plan.plan
          const title = nameOf(plan)
          const isWording = wording?.group === plan.group && wording.posture === plan.posture
          return (
            <li key={`${plan.group} ${plan.posture}`}>
              <span>
                <strong>{name || title}</strong>
                <small>
                  {name && `${title}; `}
                  {side}, {saySchool(school)}; {sayCount(levels.length)} {levels.length === 1 ? 'level' : 'levels'},{' '}
                  {sayCount(people.length)} {people.length === 1 ? 'person' : 'people'}; kept{' '}
                  {ENGLISH.day(dayOf(new Date(plan.updatedAt)))}
                </small>
                {note && <small>{note}</small>}
              </span>
              {!isWording && (
                <span className={styles.planTools}>
                  <Button variant="contained" aria-label={`Open ${name || title}`} onClick={() => onOpen(plan)}>
                    Open
                  </Button>
                  <Button aria-label={`Name ${name || title}`} onClick={() => setWording(plan)}>
                    name and note
                  </Button>
                  <Button aria-label={`Remove ${name || title}`} onClick={() => plans.takeAway(plan)}>
                    remove
                  </Button>
                </span>
              )}
              {isWording && (
                <Form
                  label={`Name and note of ${title}`}
                  verb="Keep"
                  onEnter={async (read) => {
                    const words = { name: read('name'), note: read('note') }
                    if (await plans.reword(plan, words)) setWording(null)
                  }}
                  onLeave={() => setWording(null)}
                >
                  <label>
                    Name
                    <Field name="name" maxLength={80} defaultValue={name} placeholder={title} autoFocus />
                  </label>
                  <label>
                    Note
                    <Field name="note" maxLength={500} defaultValue={note} placeholder="what to remember of it" />
                  </label>
                </Form>
              )}
            </li>
          )
        })}
      </ul>
    </Sheet>
  )
}
