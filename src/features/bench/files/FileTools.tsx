'use client'

import Button from '@mui/material/Button'
import { useState } from 'react'
import { analyse, InputError } from '@/core'
import { parse, parseJson } from '@/documents/parse'
import { STANCE_FORMAT, stanceDocument } from '@/documents/stance-document'
import { bodyOf, toStance } from '@/documents/to-core'
import { floorSheet } from '@/paper/floor-sheet'
import { drawStood, stand } from '@/paper/stood'
import { toSvg } from '@/paper/svg'
import { download } from '@/ui/files/download'
import { OpenFileButton } from '@/ui/files/OpenFileButton'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import shared from '../shared.module.css'
import { useLibrary } from '../state/library'
import { openOnBench, openStance, useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'
import styles from './files.module.css'
import { NewPostureSheet } from './NewPostureSheet'

/** A stance to a file and from one, and the floor at true scale. */
export function FileTools({ view }: { view: OnBenchView }) {
  const t = useSay('screens.bench')
  const words = useWords()

  const [problem, setProblem] = useState<string | null>(null)
  const [adding, setAdding] = useState(false)
  const id = useBench((state) => state.person.id)
  const open = async (file: File) => {
    try {
      openFile(await file.text())
      setProblem(null)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setProblem(t('nameWasNotOpened', { name: file.name, fieldError: sayFieldError(error, words) }))
    }
  }
  const saveStance = () => {
    const { person, stance } = useBench.getState()
    const document = { format: STANCE_FORMAT, person: person.document, stance }
    download('stance.json', 'application/json', JSON.stringify(document, null, 2))
  }
  return (
    <div className={`${styles.files} ${shared.tools}`}>
      <Button onClick={saveStance}>{t('saveFile')}</Button>
      <OpenFileButton label={t('aStanceFile')} onFile={open}>
        {t('openFile')}
      </OpenFileButton>
      <Button
        onClick={() => {
          const { person } = useBench.getState()
          const stood = stand('', bodyOf(person.document), view.footing.stance)
          const svg = toSvg(floorSheet(drawStood(stood, 1, true)), t('theFloorAtTrue'))
          download('floor.svg', 'image/svg+xml', svg)
        }}
      >
        {t('floorAtTrueScale')}
      </Button>
      <Button href={`/paper?as=tape&person=${encodeURIComponent(id)}`}>{words.say('paper.on')}</Button>
      <Button href={`/measure?person=${encodeURIComponent(id)}`}>{words.say('measure.title.measure')}</Button>
      <Button disabled={!view.analysis} onClick={() => setAdding(true)}>
        {t('intoLibrary')}
      </Button>
      {problem && <p role="alert">{problem}</p>}
      <NewPostureSheet open={adding} onClose={() => setAdding(false)} view={view} />
    </div>
  )
}

/** Puts the stance of a document on the bench, for the person who is on it. @throws InputError; then nothing changed */
function openFile(text: string): void {
  const { stance } = parse(stanceDocument, parseJson(text))
  const { person, school } = useBench.getState()
  analyse(bodyOf(person.document), toStance(stance), { standing: null, withoutFreeTurn: true })
  const posture = useLibrary.getState().postures.find(({ id }) => id === stance.posture)?.id
  if (posture) openOnBench({ posture, school, stance })
  else openStance(stance)
}
