'use client'

import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { useState } from 'react'
import { type Body, tryAnalyse } from '@/core'
import { dayOf } from '@/documents/day'
import { toStance } from '@/documents/to-core'
import type { KeptStance } from '@/keeping/bench'
import { useAttempt } from '@/ui/api/use-attempt'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { Field } from '@/ui/forms/Field'
import { Form } from '@/ui/forms/Form'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayPostureName } from '@/words/postures'
import shared from '../shared.module.css'
import { keepStance, rewordKept, takeAwayKept } from '../state/api'
import { findPosture } from '../state/library'
import { useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'
import styles from './strip.module.css'

type KeptShelfProps = {
  view: OnBenchView
  kept: readonly KeptStance[]
  keeping: boolean
  onKeeping: (on: boolean) => void
  onChange: (kept: KeptStance[]) => void
  onOpen: (kept: KeptStance) => void
  onCompare: () => void
}

/** What was kept for this person and posture, and a way to keep what is on the bench. */
export function KeptShelf({ view, kept, keeping, onKeeping, onChange, onOpen, onCompare }: KeptShelfProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  const posture = useBench((state) => state.posture)
  const personId = useBench((state) => state.person.id)
  const [renaming, setRenaming] = useState<string | null>(null)
  const [taken, setTaken] = useState<KeptStance | null>(null)
  const { problem, attempt } = useAttempt()
  const here = kept.filter((one) => one.posture === posture)
  const keep = async (words: Words) => {
    const { school, stance } = useBench.getState()
    onChange([await keepStance(personId, { posture, school, stance, ...words }), ...kept])
    onKeeping(false)
  }
  const rename = async (one: KeptStance, words: Words) => {
    await rewordKept(one.id, words)
    onChange(kept.map((k) => (k.id === one.id ? { ...k, ...words } : k)))
    setRenaming(null)
  }
  const takeAway = (one: KeptStance) =>
    attempt(
      async () => {
        setTaken(await takeAwayKept(one.id))
        onChange(kept.filter((k) => k.id !== one.id))
      },
      t('nameStillKeptServer', { name: one.name }),
    )
  const putBack = (one: KeptStance) =>
    attempt(
      async () => {
        const { posture: itsPosture, school, stance, name, note } = one
        onChange([await keepStance(personId, { posture: itsPosture, school, stance, name, note }), ...kept])
        setTaken(null)
      },
      t('nameNotBackServer', { name: one.name }),
    )
  return (
    <section className={styles.shelf} aria-label={t('kept')}>
      {keeping ? (
        <WordsForm
          name={`Variant ${here.length + 1}`}
          note=""
          action={t('keep')}
          onSave={keep}
          onLeave={() => onKeeping(false)}
        />
      ) : (
        <div className={styles.shelfHead}>
          <h2>{t('kept')}</h2>
          {kept.length > 0 && (
            <Button className={shared.take} onClick={onCompare}>
              {t('compare')}
            </Button>
          )}
          <Button variant="contained" disabled={!view.analysis} onClick={() => onKeeping(true)}>
            {t('keep2')}
          </Button>
        </div>
      )}
      <UndoSnack
        open={taken !== null}
        message={t('wasRemoved', { name: taken?.name ?? '' })}
        action={t('putBack')}
        onUndo={() => taken && putBack(taken)}
      />
      {problem && <p role="alert">{problem}</p>}
      {here.length === 0 && !keeping && !taken && (
        <p className={shared.quiet}>
          {t('nothingKeptYetFor', { postureName: sayPostureName(findPosture(posture), words) })}
        </p>
      )}
      <ul>
        {here.map((one) =>
          renaming === one.id ? (
            <li key={one.id}>
              <WordsForm
                name={one.name}
                note={one.note}
                action={t('rename')}
                onSave={(words) => rename(one, words)}
                onLeave={() => setRenaming(null)}
              />
            </li>
          ) : (
            <li key={one.id}>
              <ButtonBase className={styles.keptOne} onClick={() => onOpen(one)}>
                <SmallFloor body={view.body} stance={toStance(one.stance)} width={60} height={60} />
                <span>
                  <strong>{one.name}</strong>
                  <KeptVerdict body={view.body} one={one} />
                  {one.note && <small>{one.note}</small>}
                </span>
              </ButtonBase>
              <span className={`${styles.keptTools} ${shared.tools}`}>
                <Button onClick={() => setRenaming(one.id)} aria-label={t('renameName', { name: one.name })}>
                  {t('rename2')}
                </Button>
                <Button onClick={() => takeAway(one)} aria-label={t('removeName', { name: one.name })}>
                  {t('remove')}
                </Button>
              </span>
            </li>
          ),
        )}
      </ul>
    </section>
  )
}

function KeptVerdict({ body, one }: { body: Body; one: KeptStance }) {
  const t = useSay('screens.bench')
  const words = useWords()
  const analysis = tryAnalyse(body, toStance(one.stance))
  return (
    <small>
      {analysis && <VerdictMark verdict={analysis.verdict} size={13} />}{' '}
      {analysis ? verdictWordsIn(words)[analysis.verdict].toLowerCase() : t('cannotStoodNow')},{' '}
      {words.day(dayOf(new Date(one.createdAt)), null)}
    </small>
  )
}

type Words = { name: string; note: string }

type WordsFormProps = Words & { action: string; onSave: (words: Words) => Promise<void>; onLeave: () => void }

function WordsForm({ name, note, action, onSave, onLeave }: WordsFormProps) {
  const t = useSay('screens.bench')
  return (
    <Form
      className={styles.keepForm}
      verb={action}
      onEnter={(read) => onSave({ name: read('name'), note: read('note') })}
      onLeave={onLeave}
    >
      <label>
        {t('name')}
        <Field
          name="name"
          required
          maxLength={80}
          defaultValue={name}
          autoFocus
          onFocus={(event) => event.currentTarget.select()}
        />
      </label>
      <label>
        {t('note')}
        <Field name="note" maxLength={500} defaultValue={note} placeholder={t('whatSayWhatWatch')} />
      </label>
    </Form>
  )
}
