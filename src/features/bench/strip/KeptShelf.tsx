'use client'

import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import { analyse, type Body, POSTURES, type PostureId } from '@/core'
import { toStance } from '@/formats/to-core'
import type { KeptStance } from '@/server/bench'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { VERDICT_WORDS, VerdictMark } from '@/ui/words/VerdictMark'
import styles from '../bench.module.css'
import { keepStance, RefusedError } from '../state/api'
import { useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'

type KeptShelfProps = {
  view: OnBenchView
  kept: readonly KeptStance[]
  onKept: (kept: KeptStance) => void
  onOpen: (kept: KeptStance) => void
}

/** What was kept for this person and posture, and a way to keep what is on the bench. */
export function KeptShelf({ view, kept, onKept, onOpen }: KeptShelfProps) {
  const posture = useBench((state) => state.posture)
  const [keeping, setKeeping] = useState(false)
  const here = kept.filter((one) => one.posture === posture)
  return (
    <section className={styles.shelf} aria-label="Kept">
      {keeping ? (
        <KeepForm
          number={here.length + 1}
          onDone={(done) => {
            if (done) onKept(done)
            setKeeping(false)
          }}
        />
      ) : (
        <div className={styles.shelfHead}>
          <h2>Kept</h2>
          <Button variant="contained" disabled={!view.analysis} onClick={() => setKeeping(true)}>
            Keep this
          </Button>
        </div>
      )}
      {here.length === 0 && !keeping && (
        <p className={styles.quiet}>Nothing kept yet for this {POSTURES[posture].name}.</p>
      )}
      <ul>
        {here.map((one) => (
          <li key={one.id}>
            <button type="button" className={styles.keptOne} onClick={() => onOpen(one)}>
              <SmallFloor body={view.body} stance={toStance(one.stance)} width={56} height={56} />
              <span>
                <strong>{one.name}</strong>
                <KeptVerdict body={view.body} one={one} />
                {one.note && <small>{one.note}</small>}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

function KeptVerdict({ body, one }: { body: Body; one: KeptStance }) {
  const { verdict } = analyse(body, toStance(one.stance), { standing: null, withoutFreeTurn: true })
  return (
    <small>
      <VerdictMark verdict={verdict} size={13} /> {VERDICT_WORDS[verdict].toLowerCase()}, {sayDate(one.createdAt)}
    </small>
  )
}

const sayDate = (iso: string): string =>
  new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })

function KeepForm({ number, onDone }: { number: number; onDone: (kept: KeptStance | null) => void }) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = new FormData(event.currentTarget)
    const { person, posture, school, stance } = useBench.getState()
    const words = { name: String(form.get('name')), note: String(form.get('note')) }
    try {
      onDone(await keepStance(person.id, { posture: posture as PostureId, school, stance, ...words }))
    } catch (error) {
      setProblem(error instanceof RefusedError ? error.message : 'It could not be kept; nothing was lost, try again.')
    }
  }
  return (
    <form className={styles.keepForm} onSubmit={submit} onKeyDown={(event) => event.key === 'Escape' && onDone(null)}>
      <label>
        Name
        {/* biome-ignore lint/a11y/noAutofocus: the form was just asked for */}
        <input name="name" required maxLength={80} defaultValue={`Variant ${number}`} autoFocus />
      </label>
      <label>
        Note
        <input name="note" maxLength={500} placeholder="what to say, what to watch" />
      </label>
      {problem && <p role="alert">{problem}</p>}
      <div>
        <Button type="submit" variant="contained">
          Keep
        </Button>
        <Button type="button" variant="outlined" onClick={() => onDone(null)}>
          Leave it
        </Button>
      </div>
    </form>
  )
}
