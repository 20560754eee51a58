import { memo, useCallback, useDeferredValue, useRef, useState } from 'react'
import type { HouseWays } from '@/documents/choices-document'
import { fromStance } from '@/documents/from-core'
import type { BenchOfPerson, KeptStance, NamedPerson, PlannedFor } from '@/keeping/bench'
import type { BodyUnits } from '@/records/body-units'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { sayNotKept } from '@/ui/api/use-keeping'
import { NewPersonSheet } from '@/ui/people/NewPersonSheet'
import { PageHead } from '@/ui/places/PageHead'
import { useKeys } from '@/ui/words/use-keys'
import { useUndoKeys } from '@/ui/words/use-undo-keys'
import { useSay, useWords } from '@/ui/words/use-words'
import styles from './bench.module.css'
import { CompareSheet } from './compare/CompareSheet'
import { FileTools } from './files/FileTools'
import { BenchFloor } from './floor/BenchFloor'
import { HeadTools } from './HeadTools'
import { Readings } from './readings/Readings'
import { FineSentence } from './sentence/FineSentence'
import { StanceSentence } from './sentence/StanceSentence'
import { ShortcutSheet } from './sheet/ShortcutSheet'
import { BodyPanel } from './side/BodyPanel'
import { Findings } from './side/Findings'
import { changeFloorView, fitFloor, useFloorView } from './state/floor-view'
import { openOnBench, openStance, redo, toState, undo } from './state/store'
import { useAnalysis } from './state/use-analysis'
import { usePerson } from './state/use-person'
import { useWayIn } from './state/use-way-in'
import { KeptShelf } from './strip/KeptShelf'
import { Planned } from './strip/Planned'
import { useVariants } from './strip/use-variants'
import { VariantStrip } from './strip/VariantStrip'

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

type FullBenchProps = {
  people: readonly NamedPerson[]
  first: BenchOfPerson
  opened: KeptStance | null
  ways: HouseWays
  units: BodyUnits
  day: string
}

/** The bench with somebody on it. */
export function FullBench({ people: known, first, opened, ways, units, day }: FullBenchProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  const view = useAnalysis()
  // The floor answers at once; what stands beside and under it follows when there is time, so that a drag stays smooth.
  const calm = useDeferredValue(view)
  const lastGood = useRef(calm.analysis)
  if (calm.analysis) lastGood.current = calm.analysis
  const { people, person, kept, setKept, draft, problem, choosePerson, takeNew } = usePerson(known, first, opened)
  const [fine, setFine] = useState(false)
  const [all, setAll] = useState(false)
  const [keeping, setKeeping] = useState(false)
  const [sheet, setSheet] = useState<'keys' | 'compare' | 'person' | null>(null)
  const variants = useVariants(calm)
  const wayIn = useWayIn(calm, ways)
  useUndoKeys(undo, redo)
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
    p: () => changeFloorView({ tips: !useFloorView.getState().tips }),
    t: () => changeFloorView({ lines: !useFloorView.getState().lines }),
    f: fitFloor,
  })
  const closeSheet = () => setSheet(null)
  return (
    <main id="about" tabIndex={-1} className={styles.bench}>
      <PageHead
        at="/bench"
        tools={<HeadTools person={person} fine={fine} onFine={() => setFine(!fine)} onKeys={() => setSheet('keys')} />}
      >
        <CalmSentence people={people} onChoosePerson={choosePerson} onNewPerson={askForPerson} />
      </PageHead>
      {problem && <p role="alert">{problem}</p>}
      {draft.problem && <p role="alert">{sayNotKept(draft.problem, words)}</p>}
      {fine && <FineSentence view={calm} />}
      <div className={styles.work}>
        <BenchFloor view={view} />
        {lastGood.current ? <CalmBody analysis={lastGood.current} stale={!calm.analysis} /> : <div />}
        <CalmFindings view={calm} wayIn={wayIn} person={person} allShown={all} onAll={turnAll} />
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
        what={t('whatOnBenchFor', { name: person.name })}
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
        action={t('putOnBench')}
        onAdded={async (id) => {
          closeSheet()
          await takeNew(id)
        }}
      />
    </main>
  )
}
