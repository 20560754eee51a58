import Button from '@mui/material/Button'
import { useState } from 'react'
import { dayOf } from '@/documents/day'
import type { Posture } from '@/documents/posture-document'
import type { ClassPlan } from '@/keeping/plans'
import type { Group } from '@/records/groups'
import { Field } from '@/ui/forms/Field'
import { Form } from '@/ui/forms/Form'
import { Sheet } from '@/ui/words/Sheet'
import { useSay, useWords } from '@/ui/words/use-words'
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
  const t = useSay('screens.classFit')
  const words = useWords()

  const [wording, setWording] = useState<ClassPlan | null>(null)
  const sorted = plans.plans.toSorted((a, b) => b.updatedAt.localeCompare(a.updatedAt))
  const nameOf = (plan: ClassPlan) => {
    const group = groups.find(({ id }) => id === plan.group)?.name ?? t('aGroupNobodyIn')
    const posture = postures.find(({ id }) => id === plan.posture)
    return `${group}, ${posture ? sayPostureName(posture, words) : t('aPostureGone')}`
  }
  return (
    <Sheet title={t('keptPlans')} open={open} onClose={onClose} wide>
      {plans.problem && <p role="alert">{plans.problem}</p>}
      {sorted.length === 0 && <p className={styles.quiet}>{t('noneYetKeepFor')}</p>}
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
                  {t('sideSchoolCountWhich', {
                    side,
                    school: saySchool(school, words),
                    count: sayCount(levels.length, words),
                    which: levels.length === 1 ? t('level') : t('levels2'),
                    count2: sayCount(people.length, words),
                    which2: people.length === 1 ? t('person') : t('people'),
                    day: words.day(dayOf(new Date(plan.updatedAt))),
                  })}
                </small>
                {note && <small>{note}</small>}
              </span>
              {!isWording && (
                <span className={styles.planTools}>
                  <Button
                    variant="contained"
                    aria-label={t('open', { plan: name || title })}
                    onClick={() => onOpen(plan)}
                  >
                    {t('open2')}
                  </Button>
                  <Button aria-label={t('name', { plan: name || title })} onClick={() => setWording(plan)}>
                    {t('nameNote')}
                  </Button>
                  <Button aria-label={t('remove', { plan: name || title })} onClick={() => plans.takeAway(plan)}>
                    {t('remove2')}
                  </Button>
                </span>
              )}
              {isWording && (
                <Form
                  label={t('nameNoteTitle', { title })}
                  verb={t('keep')}
                  onEnter={async (read) => {
                    const words = { name: read('name'), note: read('note') }
                    if (await plans.reword(plan, words)) setWording(null)
                  }}
                  onLeave={() => setWording(null)}
                >
                  <label>
                    {t('name2')}
                    <Field name="name" maxLength={80} defaultValue={name} placeholder={title} autoFocus />
                  </label>
                  <label>
                    {t('note')}
                    <Field name="note" maxLength={500} defaultValue={note} placeholder={t('whatRemember')} />
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
