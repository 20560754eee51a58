'use client'

import Button from '@mui/material/Button'
import { memo, useCallback, useDeferredValue, useEffect, useRef, useState } from 'react'
import type { SchoolId } from '@/core'
import { fromStance } from '@/formats/from-core'
import { mergeLibrary } from '@/formats/posture-document'
import type { BenchOfPerson, KeptStance, NamedPerson, OnBench, PlannedFor } from '@/server/bench'
import type { OwnPosture } from '@/server/library'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import type { BodyUnits } from '@/ui/people/body-units'
import { NewPersonSheet } from '@/ui/people/NewPersonSheet'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import styles from './bench.module.css'
import { CompareSheet } from './compare/CompareSheet'
import { FileTools } from './files/FileTools'
import { BenchFloor } from './floor/BenchFloor'
import { Readings } from './readings/Readings'
import { FineSentence } from './sentence/FineSentence'
import { StanceSentence } from './sentence/StanceSentence'
import { ShortcutSheet } from './sheet/ShortcutSheet'
import { BodyPanel } from './side/BodyPanel'
import { Findings } from './side/Findings'
import { fetchBench, fetchNames } from './state/api'
import { changeFloorView, fitFloor, useFloorView } from './state/floor-view'
import { setLibrary } from './state/library'
import { type BenchState, openOnBench, openStance, putOnBench, redo, undo, useBench } from './state/store'
import { useAnalysis, useHistory } from './state/use-analysis'
import { useDraft } from './state/use-draft'
import { useKeys } from './state/use-keys'
import { KeptShelf } from './strip/KeptShelf'
import { Planned } from './strip/Planned'
import { useVariants } from './strip/use-variants'
import { VariantStrip } from './strip/VariantStrip'

type BenchProps = {
  people: readonly NamedPerson[]
  onBench: BenchOfPerson | null
  /** Postures that the instructor changed or added. */
  own: readonly OwnPosture[]
  units: BodyUnits
  day: string
}

/** This person in this stance: does it hold, which way is it weak, what is the safer variant? */
export function Bench({ people, onBench, own, units, day: served }: BenchProps) {
  const [ready, setReady] = useState(false)
  useEffect(() => {
    setLibrary(mergeLibrary(own))
    if (onBench) putOnBench(onBench.person, onBench.draft ? toState(onBench.draft) : null)
    setReady(true)
  }, [onBench, own])
  const day = useDayTurn(served)
  if (!onBench) return <NobodyYet />
  if (!ready) return <main className={styles.bench} aria-busy="true" />
  return <FullBench people={people} first={onBench} units={units} day={day} />
}

/** The server has checked the school against the list. */
const toState = ({ posture, school, stance }: OnBench): Omit<BenchState, 'person'> => ({
  posture,
  school: school as SchoolId,
  stance,
})

const openPlanned = ({ posture, school, stance }: PlannedFor) => {
  if (stance) openOnBench(toState({ posture, school, stance }))
}

const openKept = (one: KeptStance) => openOnBench(toState(one))

const CalmBody = memo(BodyPanel)
const CalmFindings = memo(Findings)
const CalmReadings = memo(Readings)
const CalmVariants = memo(VariantStrip)
const CalmShelf = memo(KeptShelf)
const CalmFiles = memo(FileTools)
const CalmPlanned = memo(Planned)
const CalmSentence = memo(StanceSentence)

type FullBenchProps = { people: readonly NamedPerson[]; first: BenchOfPerson; units: BodyUnits; day: string }

function FullBench({ people: known, first, units, day }: FullBenchProps) {
  const view = useAnalysis()
  // The floor answers at once; what stands beside and under it follows when there is time, so that a drag stays smooth.
  const calm = useDeferredValue(view)
  const lastGood = useRef(calm.analysis)
  if (calm.analysis) lastGood.current = calm.analysis
  const [people, setPeople] = useState(known)
  const [person, setPerson] = useState(first.person)
  const [kept, setKept] = useState(first.kept)
  const [fine, setFine] = useState(false)
  const [all, setAll] = useState(false)
  const [keeping, setKeeping] = useState(false)
  const [sheet, setSheet] = useState<'keys' | 'compare' | 'person' | null>(null)
  const variants = useVariants(calm)
  const show = useCallback((opened: BenchOfPerson) => {
    putOnBench(opened.person, opened.draft ? toState(opened.draft) : null)
    setPerson(opened.person)
    setKept(opened.kept)
  }, [])
  const draft = useDraft(first, show)
  useUndoKeys()
  // The page was made anew, for another day or another address.
  useEffect(() => {
    setPerson(first.person)
    setKept(first.kept)
  }, [first])
  const { begin, saveNow } = draft
  const choosePerson = useCallback(
    async (id: string) => {
      // Whoever is on the bench stays on it as they are.
      if (id === useBench.getState().person.id) return
      await saveNow()
      const opened = await fetchBench(id)
      begin(opened)
      show(opened)
      // The address follows the bench: a reload shows whoever is on it.
      window.history.replaceState(null, '', `/?person=${encodeURIComponent(id)}`)
    },
    [begin, saveNow, show],
  )
  const askForPerson = useCallback(() => setSheet('person'), [])
  const compare = useCallback(() => setSheet('compare'), [])
  const takeNearest = () => {
    const nearest = variants.searching ? undefined : variants.found?.set.variants[0]
    if (nearest) openStance(fromStance(nearest.stance))
  }
  const turnAll = useCallback(() => setAll((shown) => !shown), [])
  useKeys({
    '?': () => setSheet('keys'),
    m: () => setFine(!fine),
    a: turnAll,
    k: () => setKeeping(true),
    n: takeNearest,
    c: compare,
    r: () => changeFloorView({ rose: !useFloorView.getState().rose }),
    t: () => changeFloorView({ lines: !useFloorView.getState().lines }),
    f: fitFloor,
  })
  const closeSheet = () => setSheet(null)
  return (
    <main className={styles.bench}>
      <PageHead at="/" tools={<HeadTools fine={fine} onFine={() => setFine(!fine)} onKeys={() => setSheet('keys')} />}>
        <CalmSentence people={people} onChoosePerson={choosePerson} onNewPerson={askForPerson} />
      </PageHead>
      {fine && <FineSentence view={calm} />}
      <div className={styles.work}>
        <BenchFloor view={view} />
        {lastGood.current ? <CalmBody analysis={lastGood.current} stale={!calm.analysis} /> : <div />}
        <CalmFindings view={calm} person={person} allShown={all} onAll={turnAll} />
      </div>
      {all && calm.analysis && <CalmReadings analysis={calm.analysis} />}
      <div className={styles.strip}>
        <CalmVariants view={calm} {...variants} />
        <div>
          <CalmShelf
            view={calm}
            kept={kept}
            keeping={keeping}
            onKeeping={setKeeping}
            onChange={setKept}
            onOpen={openKept}
            onCompare={compare}
          />
          <CalmPlanned planned={person.planned} onOpen={openPlanned} />
          <CalmFiles view={calm} />
        </div>
      </div>
      <OvertakenSheet
        open={draft.theirs !== null}
        what={`what is on the bench for ${person.name}`}
        onTheirs={() => {
          if (draft.theirs) openOnBench(toState(draft.theirs))
          draft.settle()
        }}
        onMine={draft.settle}
      />
      <ShortcutSheet open={sheet === 'keys'} onClose={closeSheet} />
      <CompareSheet open={sheet === 'compare'} onClose={closeSheet} view={calm} kept={kept} />
      <NewPersonSheet
        open={sheet === 'person'}
        onClose={closeSheet}
        units={units}
        day={day}
        action="Put on the bench"
        onAdded={async (id) => {
          setPeople(await fetchNames())
          closeSheet()
          await choosePerson(id)
        }}
      />
    </main>
  )
}

type HeadToolsProps = { fine: boolean; onFine: () => void; onKeys: () => void }

function HeadTools({ fine, onFine, onKeys }: HeadToolsProps) {
  const { canUndo, canRedo } = useHistory()
  return (
    <nav className={styles.tools} aria-label="Bench">
      <Button aria-expanded={fine} onClick={onFine}>
        {fine ? 'Less' : 'More'}
      </Button>
      <Button onClick={undo} disabled={!canUndo}>
        Undo
      </Button>
      <Button onClick={redo} disabled={!canRedo}>
        Redo
      </Button>
      <Button onClick={onKeys}>Keys</Button>
    </nav>
  )
}

function NobodyYet() {
  const [open, setOpen] = useState(false)
  return (
    <main className={styles.empty}>
      <PageHead at="/">
        <h1>Nobody is on the list yet.</h1>
      </PageHead>
      <p>
        Start with the people of Lantern Quay (<code>npm run demo</code>), or with somebody of your own.
      </p>
      <Button variant="contained" onClick={() => setOpen(true)}>
        Somebody new
      </Button>
      <NewPersonSheet open={open} onClose={() => setOpen(false)} onAdded={() => window.location.reload()} />
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
