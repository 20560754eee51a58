'use client'

import Button from '@mui/material/Button'
import { FEATURES, type Feature, type SchoolId } from '@/core'
import type { Posture } from '@/documents/posture-document'
import { fromPosture, type MeasuresDocument, mergeLibrary, type PostureDocument } from '@/documents/posture-document'
import { readFigure } from '@/documents/read-figure'
import type { OwnPosture } from '@/keeping/library'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { sayNotKept, useKeeping } from '@/ui/api/use-keeping'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Tick } from '@/ui/forms/Tick'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { readTexts, sayPostureName, saySchool } from '@/words/postures'
import styles from './postures.module.css'

type PostureEditorProps = {
  posture: Posture
  school: SchoolId
  /** What was changed of it; null: as shipped. */
  changed: OwnPosture | null
  onSaved: (changed: OwnPosture) => void
  onReset: () => void
  onLeave: () => void
}

const featureNamesIn = (words: Words): Record<Feature, string> => ({
  step: words.say('screens.postures.theStep'),
  width: words.say('screens.postures.theWidth'),
  toeOut: words.say('screens.postures.theToes'),
  height: words.say('screens.postures.theHeight'),
  share: words.say('screens.postures.whereWeight'),
  pitch: words.say('screens.postures.theLean'),
  pelvisYaw: words.say('screens.postures.theTurn'),
  arms: words.say('screens.postures.theArms'),
  contact: words.say('screens.postures.theLightFoot'),
})

type MeasureField = {
  name: string
  label: string
  read: (m: MeasuresDocument) => number
  write: (m: MeasuresDocument, value: number) => MeasuresDocument
}

const fieldsIn = (words: Words): readonly MeasureField[] => [
  {
    name: 'track',
    label: words.say('screens.postures.trackShoulderWidths'),
    read: (m) => m.trackShoulders,
    write: (m, trackShoulders) => ({ ...m, trackShoulders }),
  },
  {
    name: 'step',
    label: words.say('screens.postures.stepHeight'),
    read: (m) => m.stepStatures * 100,
    write: (m, v) => ({ ...m, stepStatures: v / 100 }),
  },
  {
    name: 'load',
    label: words.say('screens.postures.weightOnNamedFoot'),
    read: (m) => m.ownLoadPct,
    write: (m, ownLoadPct) => ({ ...m, ownLoadPct }),
  },
  {
    name: 'knee',
    label: words.say('screens.postures.kneeBendDegrees'),
    read: (m) => m.kneeFlexionDeg,
    write: (m, kneeFlexionDeg) => ({ ...m, kneeFlexionDeg }),
  },
  {
    name: 'ownToe',
    label: words.say('screens.postures.toesNamedFootOut'),
    read: (m) => m.own.toeOutDeg,
    write: (m, v) => ({ ...m, own: { ...m.own, toeOutDeg: v } }),
  },
  {
    name: 'otherToe',
    label: words.say('screens.postures.toesOtherFootOut'),
    read: (m) => m.other.toeOutDeg,
    write: (m, v) => ({ ...m, other: { ...m.other, toeOutDeg: v } }),
  },
  {
    name: 'turn',
    label: words.say('screens.postures.pelvisTowardNamedSide'),
    read: (m) => m.pelvisYawDeg,
    write: (m, pelvisYawDeg) => ({ ...m, pelvisYawDeg }),
  },
  {
    name: 'lean',
    label: words.say('screens.postures.trunkForwardDegrees'),
    read: (m) => m.trunk.pitchDeg,
    write: (m, v) => ({ ...m, trunk: { ...m.trunk, pitchDeg: v } }),
  },
]

const tidy = (value: number) => Number(value.toFixed(2))

/** A posture's words, and its measures in one school; the school's original figures are one press away. */
export function PostureEditor({ posture, school, changed, onSaved, onReset, onLeave }: PostureEditorProps) {
  const t = useSay('screens.postures')
  const words = useWords()

  const keeping = useKeeping<PostureDocument, OwnPosture>({
    what: `posture ${posture.id}`,
    title: sayPostureName(posture, words),
    revision: changed?.revision ?? 0,
    request: (document) => ({ path: `/api/library/${posture.id}`, body: { document } }),
    onSaved,
    readTheirs: (theirs) => theirs.document,
  })
  const texts = readTexts(posture, words)
  const document = fromPosture(posture, texts)
  const measures = document.measures[school] as MeasuresDocument
  const original = findOriginal(posture.id, words)
  const asShipped = original?.measures[school]
  const isSchoolChanged = changed !== null && JSON.stringify(asShipped) !== JSON.stringify(measures)
  const theirs = keeping.theirs
  return (
    <>
      <Form
        // Other figures came: the fields show them.
        key={changed?.revision ?? 0}
        className={styles.editor}
        label={t('changePosture')}
        verb={t('save')}
        onEnter={(read) => keeping.keep(readForm(read, document, school, words))}
        onLeave={() => {
          keeping.accept(changed?.revision ?? 0)
          onLeave()
        }}
        more={
          <>
            {asShipped && isSchoolChanged && (
              <Button
                onClick={() => keeping.keep({ ...document, measures: { ...document.measures, [school]: asShipped } })}
              >
                {t('schoolBackOriginalFigures', { school: saySchool(school, words) })}
              </Button>
            )}
            {changed && <Button onClick={onReset}>{original ? t('allWordsEverySchool') : t('takeOutLibrary')}</Button>}
          </>
        }
      >
        <h2>
          {texts.name}, {saySchool(school, words)}
        </h2>
        <div className={styles.fields}>
          <label>
            {t('name')}
            <Field name="name" required maxLength={80} defaultValue={texts.name} />
          </label>
          <label data-wide="true">
            {t('whatFor')}
            <Field name="purpose" maxLength={300} defaultValue={texts.purpose} />
          </label>
          <label data-wide="true">
            {t('cue')}
            <Field name="cue" maxLength={300} defaultValue={texts.cue} />
          </label>
          <label data-wide="true">
            {t('watchCommaBetween')}
            <Field name="watch" maxLength={600} defaultValue={texts.watch.join(', ')} />
          </label>
          {fieldsIn(words).map(({ name, label, read }) => (
            <label key={name}>
              {label}
              <Field name={name} inputMode="decimal" autoComplete="off" defaultValue={tidy(read(measures))} />
            </label>
          ))}
        </div>
        <fieldset>
          <legend>{t('whatCarriesItsMeaning')}</legend>
          {FEATURES.map((feature) => (
            <Tick key={feature} name={`keeps-${feature}`} first={posture.keeps.includes(feature)}>
              {featureNamesIn(words)[feature]}
            </Tick>
          ))}
        </fieldset>
        {keeping.problem && <p role="alert">{sayNotKept(keeping.problem, words)}</p>}
      </Form>
      <OvertakenSheet
        open={theirs !== null}
        what={t('aChangeName', { name: texts.name })}
        onTheirs={() => {
          if (!theirs) return
          keeping.accept(theirs.revision)
          onSaved(theirs)
          onLeave()
        }}
        onMine={() => theirs && keeping.keepOver(theirs.revision)}
      />
    </>
  )
}

/** As it ships; null for one of the house's own. */
function findOriginal(id: string, words: Words): PostureDocument | null {
  const original = mergeLibrary([]).find((one) => one.id === id)
  return original ? fromPosture(original, readTexts(original, words)) : null
}

function readForm(read: Read, document: PostureDocument, school: SchoolId, words: Words): PostureDocument {
  const measures = fieldsIn(words).reduce((m, { name, read: now, write }) => {
    const typed = read(name)
    // What was not touched keeps its full figure, not the rounded one of the field.
    return typed === String(tidy(now(m))) ? m : write(m, readFigure(typed))
  }, document.measures[school] as MeasuresDocument)
  return {
    ...document,
    name: read('name'),
    purpose: read('purpose'),
    cue: read('cue'),
    watch: read('watch')
      .split(',')
      .map((one) => one.trim())
      .filter(Boolean),
    keeps: FEATURES.filter((feature) => read(`keeps-${feature}`)),
    measures: { ...document.measures, [school]: measures },
  }
}
