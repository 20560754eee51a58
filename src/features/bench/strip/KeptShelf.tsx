'use client'

import Button from '@mui/material/Button'
import ButtonBase from '@mui/material/ButtonBase'
import { useState } from 'react'
import { type Body, tryAnalyse } from '@/core'
import { toStance } from '@/documents/to-core'
import type { KeptStance } from '@/keeping/bench'
import { useAttempt } from '@/ui/api/use-attempt'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { Field } from '@/ui/forms/Field'
import { Form } from '@/ui/forms/Form'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { VERDICT_WORDS, VerdictMark } from '@/ui/words/VerdictMark'
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
    attempt(async () => {
      setTaken(await takeAwayKept(one.id))
      onChange(kept.filter((k) => k.id !== one.id))
    }, `“${one.name}” is still kept: the server does not answer. Try again.`)
  const putBack = (one: KeptStance) =>
    attempt(async () => {
      const { posture: itsPosture, school, stance, name, note } = one
      onChange([await keepStance(personId, { posture: itsPosture, school, stance, name, note }), ...kept])
      setTaken(null)
    }, `“${one.name}” is not back: the server does not answer. Try again.`)
  return (
    <section className={styles.shelf} aria-label="Kept">
      {keeping ? (
        <WordsForm
          name={`Variant ${here.length + 1}`}
          note=""
          action="Keep"
          onSave={keep}
          onLeave={() => onKeeping(false)}
        />
      ) : (
        <div className={styles.shelfHead}>
          <h2>Kept</h2>
          {kept.length > 0 && (
            <Button className={shared.take} onClick={onCompare}>
              Compare
            </Button>
          )}
          <Button variant="contained" disabled={!view.analysis} onClick={() => onKeeping(true)}>
            Keep this
          </Button>
        </div>
      )}
      <UndoSnack
        open={taken !== null}
        message={`“${taken?.name ?? ''}” was removed.`}
        action="Put it back"
        onUndo={() => taken && putBack(taken)}
      />
      {problem && <p role="alert">{problem}</p>}
      {here.length === 0 && !keeping && !taken && (
        <p className={shared.quiet}>Nothing kept yet for this {sayPostureName(findPosture(posture))}.</p>
      )}
      <ul>
        {here.map((one) =>
          renaming === one.id ? (
            <li key={one.id}>
              <WordsForm
                name={one.name}
                note={one.note}
                action="Rename"
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
                <Button onClick={() => setRenaming(one.id)} aria-label={`Rename ${one.name}`}>
                  rename
                </Button>
                <Button onClick={() => takeAway(one)} aria-label={`Remove ${one.name}`}>
                  remove
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
  const analysis = tryAnalyse(body, toStance(one.stance))
  return (
    <small>
      {analysis && <VerdictMark verdict={analysis.verdict} size={13} />}{' '}
      {analysis ? VERDICT_WORDS[analysis.verdict].toLowerCase() : 'cannot be stood now'}, {sayDate(one.createdAt)}
    </small>
  )
}

const sayDate = (iso: string): string =>
  new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })

type Words = { name: string; note: string }

type WordsFormProps = Words & { action: string; onSave: (words: Words) => Promise<void>; onLeave: () => void }

function WordsForm({ name, note, action, onSave, onLeave }: WordsFormProps) {
  return (
    <Form
      className={styles.keepForm}
      verb={action}
      onEnter={(read) => onSave({ name: read('name'), note: read('note') })}
      onLeave={onLeave}
    >
      <label>
        Name
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
        Note
        <Field name="note" maxLength={500} defaultValue={note} placeholder="what to say, what to watch" />
      </label>
    </Form>
  )
}
