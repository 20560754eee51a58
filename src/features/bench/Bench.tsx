'use client'

import { useEffect, useRef, useState } from 'react'
import type { PostureId, SchoolId } from '@/core'
import type { BenchOfPerson, BenchPerson, KeptStance, OnBench } from '@/server/bench'
import { LightSwitch } from '@/ui/theme/LightSwitch'
import styles from './bench.module.css'
import { FloorStage } from './floor/FloorStage'
import { FineSentence } from './sentence/FineSentence'
import { StanceSentence } from './sentence/StanceSentence'
import { BodyPanel } from './side/BodyPanel'
import { Findings } from './side/Findings'
import { fetchBench } from './state/api'
import { type BenchState, openOnBench, putOnBench, redo, undo, useBench } from './state/store'
import { useAnalysis, useHistory } from './state/use-analysis'
import { useDraft } from './state/use-draft'
import { KeptShelf } from './strip/KeptShelf'
import { VariantStrip } from './strip/VariantStrip'

type BenchProps = { people: readonly BenchPerson[]; personId: string | null; onBench: BenchOfPerson | null }

/** This person in this stance: does it hold, which way is it weak, what is the safer variant? */
export function Bench({ people, personId, onBench }: BenchProps) {
  const [ready, setReady] = useState(false)
  useEffect(() => {
    const person = people.find(({ id }) => id === personId)
    if (person) putOnBench(person, onBench?.draft ? toState(onBench.draft) : null)
    setReady(true)
  }, [people, personId, onBench])
  if (people.length === 0) return <NobodyYet />
  if (!ready) return <main className={styles.bench} aria-busy="true" />
  return <FullBench people={people} firstKept={onBench?.kept ?? []} />
}

/** The server has checked both names against the lists. */
const toState = ({ posture, school, stance }: OnBench): Omit<BenchState, 'person'> => ({
  posture: posture as PostureId,
  school: school as SchoolId,
  stance,
})

function FullBench({ people, firstKept }: { people: readonly BenchPerson[]; firstKept: KeptStance[] }) {
  const view = useAnalysis()
  const lastGood = useRef(view.analysis)
  if (view.analysis) lastGood.current = view.analysis
  const [kept, setKept] = useState(firstKept)
  const [fine, setFine] = useState(false)
  useDraft()
  useUndoKeys()
  const choosePerson = async (id: string) => {
    const person = people.find((one) => one.id === id)
    if (!person) return
    const { draft, kept: theirs } = await fetchBench(id)
    putOnBench(person, draft ? toState(draft) : null)
    setKept(theirs)
  }
  const personId = useBench((state) => state.person.id)
  const story = people.find(({ id }) => id === personId)?.story ?? ''
  return (
    <main className={styles.bench}>
      <header className={styles.head}>
        <StanceSentence people={people} onChoosePerson={choosePerson} />
        <HeadTools fine={fine} onFine={() => setFine(!fine)} />
      </header>
      {fine && <FineSentence view={view} />}
      <div className={styles.work}>
        <FloorStage view={view} />
        {lastGood.current ? <BodyPanel analysis={lastGood.current} stale={!view.analysis} /> : <div />}
        <Findings view={view} story={story} />
      </div>
      <div className={styles.strip}>
        <VariantStrip view={view} />
        <KeptShelf
          view={view}
          kept={kept}
          onKept={(one) => setKept((all) => [one, ...all])}
          onOpen={(one) => openOnBench(toState(one))}
        />
      </div>
    </main>
  )
}

function HeadTools({ fine, onFine }: { fine: boolean; onFine: () => void }) {
  const { canUndo, canRedo } = useHistory()
  return (
    <nav className={styles.tools} aria-label="Bench">
      <span className={styles.mark}>
        {/* biome-ignore lint/performance/noImgElement: a vector of half a kilobyte */}
        <img src="/mark.svg" alt="" width="30" height="30" /> Nivrel
      </span>
      <button type="button" aria-expanded={fine} onClick={onFine}>
        {fine ? 'Less' : 'More'}
      </button>
      <button type="button" onClick={undo} disabled={!canUndo}>
        Undo
      </button>
      <button type="button" onClick={redo} disabled={!canRedo}>
        Redo
      </button>
      <LightSwitch />
    </nav>
  )
}

function NobodyYet() {
  return (
    <main className={styles.empty}>
      <h1>Nobody is on the list yet.</h1>
      <p>
        Start with <code>npm run demo</code> to meet the people of Lantern Quay.
      </p>
    </main>
  )
}

function useUndoKeys(): void {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      if (event.target instanceof HTMLInputElement) return
      event.preventDefault()
      if (event.shiftKey) redo()
      else undo()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [])
}
