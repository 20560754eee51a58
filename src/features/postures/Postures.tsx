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
import { Spoken } from '@/ui/words/Spoken'
import { UndoSnack } from '@/ui/words/UndoSnack'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
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

const sidesIn = (words: Words) =>
  [
    { value: 'left', name: words.say('screens.postures.left') },
    { value: 'right', name: words.say('screens.postures.right') },
  ] as const

/** Nobody in particular: a middling body. */
const somebodyIn = (words: Words) => ({ value: '', name: words.say('screens.postures.somebodyMiddling') })
const MIDDLING = { statureM: 1.65, massKg: 68 }

/** The library: one posture, the schools laid over each other for one person, and what it is for. */
export function Postures({ people, first, own: known, ways, aside }: PosturesProps) {
  const t = useSay('screens.postures')
  const words = useWords()

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
  const readings = useMemo(() => readSchools(posture, body, side, words), [posture, body, side, words])
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
  const watched = listWatch(posture, words)
  const isChanged = own.some(({ id }) => id === posture.id)
  const choosePerson = async (id: string) => {
    try {
      setPerson(id === somebodyIn(words).value ? null : (await ask<BenchOfPerson>(`/api/bench/${id}`, 'GET')).person)
      setProblem(null)
    } catch {
      setProblem('That person could not be fetched; choose them once more.')
    }
  }
  return (
    <main id="about" tabIndex={-1} className={styles.postures}>
      <PageHead at="/postures">
        <h1>
          <Spoken
            of="screens.postures.sentence"
            values={{ sided: String(posture.sided) }}
            parts={{
              person: (
                <ChoiceWord
                  label={t('person')}
                  value={person?.id ?? somebodyIn(words).value}
                  choices={[...people.map(({ id, name }) => ({ value: id, name })), somebodyIn(words)]}
                  onChoose={choosePerson}
                />
              ),
              side: <ChoiceWord label={t('side')} value={side} choices={sidesIn(words)} onChoose={setSide} />,
              posture: (
                <ChoiceWord
                  label={t('posture')}
                  value={posture.id}
                  choices={library.map((one) => ({ value: one.id, name: sayPostureName(one, words) }))}
                  onChoose={setPostureId}
                  then={t('pause')}
                />
              ),
            }}
          />
        </h1>
        <p className={styles.purpose}>
          {sayPurpose(posture, words)} <q>{sayCue(posture, words)}</q> {isChanged && <em>{t('changedHere')}</em>}
        </p>
      </PageHead>
      {(problem ?? unsaved) && <p role="alert">{problem ?? unsaved}</p>}
      <UndoSnack open={done !== null} message={done?.message ?? ''} action={t('asWas')} onUndo={undo} />
      <SetAsideNote aside={aside} />
      <div className={styles.sides}>
        <SchoolsFloor readings={readings} body={body} pointed={pointed} />
        <SchoolFigures readings={readings} waysIn={waysIn} pointed={pointed} onPoint={setPointed} onEdit={setEditing} />
      </div>
      <AlsoTaught posture={posture} body={body} side={side} person={person?.id ?? null} ways={ways} />
      {watched.length > 0 && <p className={styles.watch}>{t('watch', { watch: watched.join(', ') })}</p>}
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
          <Button onClick={() => setEditing('long-upright')}>{t('changePosture')}</Button>
        </p>
      )}
      <Index library={library} own={own} chosen={posture.id} onChoose={setPostureId} />
    </main>
  )
}
