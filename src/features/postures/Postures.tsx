'use client'

import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import type { SchoolId, Side } from '@/core'
import { type HouseWays, toChoices } from '@/documents/choices-document'
import type { Posture } from '@/documents/posture-document'
import { mergeLibrary } from '@/documents/posture-document'
import { bodyOf } from '@/documents/to-core'
import type { BenchOfPerson, BenchPerson, NamedPerson } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { SetAside } from '@/keeping/set-aside'
import { ask } from '@/ui/api/ask'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { PageHead } from '@/ui/places/PageHead'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { listWatch, sayCue, sayPostureName, sayPurpose } from '@/words/postures'
import { useWaysIn } from '@/workers/use-ways-in'
import { AlsoTaught } from './AlsoTaught'
import { Index } from './Index'
import { PostureEditor } from './PostureEditor'
import styles from './postures.module.css'
import { readSchools } from './read-schools'
import { SchoolFigures } from './SchoolFigures'
import { SchoolsFloor } from './SchoolsFloor'
import { useLibrary } from './use-library'

type PosturesProps = {
  people: readonly NamedPerson[]
  /** Who it opens with; null: nobody in particular. */
  first: BenchPerson | null
  own: readonly OwnPosture[]
  /** How the house steps, where it does otherwise than a school. */
  ways: HouseWays
  /** Postures that cannot be read. */
  aside: readonly SetAside[]
}

const SIDES = [
  { value: 'left', name: 'left' },
  { value: 'right', name: 'right' },
] as const

/** Nobody in particular: a middling body. */
const SOMEBODY = { value: '', name: 'Somebody middling' }
const MIDDLING = { statureM: 1.65, massKg: 68 }

/** The library: one posture, the schools laid over each other for one person, and what it is for. */
export function Postures({ people, first, own: known, ways, aside }: PosturesProps) {
  const { own, done, put, reset, undo, problem: unsaved } = useLibrary(known)
  const [person, setPerson] = useState(first)
  const [problem, setProblem] = useState<string | null>(null)
  const [postureId, setPostureId] = useState('bow')
  const [side, setSide] = useState<Side>('left')
  const [pointed, setPointed] = useState<SchoolId | null>(null)
  const [editing, setEditing] = useState<SchoolId | null>(null)
  const library = useMemo(() => mergeLibrary(own), [own])
  const posture = library.find(({ id }) => id === postureId) ?? (library[0] as Posture)
  const body = useMemo(() => bodyOf(person?.document ?? MIDDLING), [person])
  const readings = useMemo(() => readSchools(posture, body, side), [posture, body, side])
  const asks = useMemo(
    () =>
      readings.map(({ school, stance, analysis }) =>
        analysis && analysis.verdict !== 'beyond'
          ? { person: body.person, stance, choices: toChoices(school, ways) }
          : null,
      ),
    [readings, body, ways],
  )
  const waysIn = useWaysIn(asks)
  const watched = listWatch(posture)
  const isChanged = own.some(({ id }) => id === posture.id)
  const choosePerson = async (id: string) => {
    try {
      setPerson(id === SOMEBODY.value ? null : (await ask<BenchOfPerson>(`/api/bench/${id}`, 'GET')).person)
      setProblem(null)
    } catch {
      setProblem('That person could not be fetched; choose them once more.')
    }
  }
  return (
    <main id="about" tabIndex={-1} className={styles.postures}>
      <PageHead at="/postures">
        <h1>
          <ChoiceWord
            label="Person"
            value={person?.id ?? SOMEBODY.value}
            choices={[...people.map(({ id, name }) => ({ value: id, name })), SOMEBODY]}
            onChoose={choosePerson}
          />{' '}
          in{' '}
          {posture.sided && (
            <>
              a <ChoiceWord label="Side" value={side} choices={SIDES} onChoose={setSide} />{' '}
            </>
          )}
          <ChoiceWord
            label="Posture"
            value={posture.id}
            choices={library.map((one) => ({ value: one.id, name: sayPostureName(one) }))}
            onChoose={setPostureId}
            then=","
          />{' '}
          the schools side by side.
        </h1>
        <p className={styles.purpose}>
          {sayPurpose(posture)} <q>{sayCue(posture)}</q> {isChanged && <em>Changed here.</em>}
        </p>
      </PageHead>
      {(problem ?? unsaved) && <p role="alert">{problem ?? unsaved}</p>}
      <UndoSnack open={done !== null} message={done?.message ?? ''} action="As it was" onUndo={undo} />
      <SetAsideNote aside={aside} />
      <div className={styles.sides}>
        <SchoolsFloor readings={readings} body={body} pointed={pointed} />
        <SchoolFigures readings={readings} waysIn={waysIn} pointed={pointed} onPoint={setPointed} onEdit={setEditing} />
      </div>
      <AlsoTaught posture={posture} body={body} side={side} person={person?.id ?? null} ways={ways} />
      {watched.length > 0 && <p className={styles.watch}>Watch: {watched.join(', ')}.</p>}
      {editing ? (
        <PostureEditor
          key={`${posture.id} ${editing}`}
          posture={posture}
          school={editing}
          changed={own.find(({ id }) => id === posture.id) ?? null}
          onSaved={(saved) => put(saved, posture)}
          onReset={async () => {
            if (await reset(posture)) setEditing(null)
          }}
          onLeave={() => setEditing(null)}
        />
      ) : (
        <p className={styles.tools}>
          <Button onClick={() => setEditing('long-upright')}>Change this posture</Button>
        </p>
      )}
      <Index library={library} own={own} chosen={posture.id} onChoose={setPostureId} />
    </main>
  )
}
