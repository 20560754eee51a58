'use client'

import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import { type FormEvent, useRef, useState } from 'react'
import { FEATURES, type Feature, type SchoolId } from '@/core'
import type { Posture } from '@/formats/posture-document'
import { fromPosture, type MeasuresDocument, type PostureDocument } from '@/formats/posture-document'
import { readFigure } from '@/formats/read-figure'
import type { OwnPosture } from '@/server/library'
import { ask, OvertakenError, RefusedError } from '@/ui/api/ask'
import { OvertakenSheet } from '@/ui/api/OvertakenSheet'
import { Field } from '@/ui/forms/Field'
import { readTexts, saySchool } from '@/words/postures'
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

const FEATURE_NAMES: Record<Feature, string> = {
  step: 'the step',
  width: 'the width',
  toeOut: 'the toes',
  height: 'the height',
  share: 'where the weight is',
  pitch: 'the lean',
  pelvisYaw: 'the turn',
  arms: 'the arms',
  contact: 'the light foot',
}

type MeasureField = {
  name: string
  label: string
  read: (m: MeasuresDocument) => number
  write: (m: MeasuresDocument, value: number) => MeasuresDocument
}

const FIELDS: readonly MeasureField[] = [
  {
    name: 'track',
    label: 'Track, shoulder widths',
    read: (m) => m.trackShoulders,
    write: (m, trackShoulders) => ({ ...m, trackShoulders }),
  },
  {
    name: 'step',
    label: 'Step, % of height',
    read: (m) => m.stepStatures * 100,
    write: (m, v) => ({ ...m, stepStatures: v / 100 }),
  },
  {
    name: 'load',
    label: 'Weight on the named foot, %',
    read: (m) => m.ownLoadPct,
    write: (m, ownLoadPct) => ({ ...m, ownLoadPct }),
  },
  {
    name: 'knee',
    label: 'Knee bend, degrees',
    read: (m) => m.kneeFlexionDeg,
    write: (m, kneeFlexionDeg) => ({ ...m, kneeFlexionDeg }),
  },
  {
    name: 'ownToe',
    label: 'Toes of the named foot out, degrees',
    read: (m) => m.own.toeOutDeg,
    write: (m, v) => ({ ...m, own: { ...m.own, toeOutDeg: v } }),
  },
  {
    name: 'otherToe',
    label: 'Toes of the other foot out, degrees',
    read: (m) => m.other.toeOutDeg,
    write: (m, v) => ({ ...m, other: { ...m.other, toeOutDeg: v } }),
  },
  {
    name: 'turn',
    label: 'Pelvis toward the named side, degrees',
    read: (m) => m.pelvisYawDeg,
    write: (m, pelvisYawDeg) => ({ ...m, pelvisYawDeg }),
  },
  {
    name: 'lean',
    label: 'Trunk forward, degrees',
    read: (m) => m.trunk.pitchDeg,
    write: (m, v) => ({ ...m, trunk: { ...m.trunk, pitchDeg: v } }),
  },
]

const tidy = (value: number) => Number(value.toFixed(2))

/** A posture's words, and its measures in one school; the original is one press away. */
export function PostureEditor({ posture, school, changed, onSaved, onReset, onLeave }: PostureEditorProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const [theirs, setTheirs] = useState<{ current: OwnPosture | null } | null>(null)
  const revision = useRef(changed?.revision ?? 0)
  const texts = readTexts(posture)
  const document = fromPosture(posture, texts)
  const measures = document.measures[school] as MeasuresDocument
  const isOwn = posture.id.startsWith('own-')
  const attempt = async (work: () => Promise<void>) => {
    try {
      await work()
      setProblem(null)
    } catch (error) {
      if (error instanceof OvertakenError) return setTheirs({ current: error.current as OwnPosture | null })
      setProblem(error instanceof RefusedError ? error.message : 'It could not be saved; nothing was changed.')
    }
  }
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const value = {
      revision: revision.current,
      document: readForm(new FormData(event.currentTarget), document, school),
    }
    attempt(async () => onSaved(await ask<OwnPosture>(`/api/library/${posture.id}`, 'PUT', value)))
  }
  const reset = () =>
    attempt(async () => {
      await ask(`/api/library/${posture.id}`, 'DELETE', {})
      onReset()
    })
  return (
    <form className={styles.editor} aria-label="Change this posture" onSubmit={submit}>
      <h2>
        {texts.name}, {saySchool(school)}
      </h2>
      <div className={styles.fields}>
        <label>
          Name
          <Field name="name" required maxLength={80} defaultValue={texts.name} />
        </label>
        <label data-wide="true">
          What it is for
          <Field name="purpose" maxLength={300} defaultValue={texts.purpose} />
        </label>
        <label data-wide="true">
          Cue
          <Field name="cue" maxLength={300} defaultValue={texts.cue} />
        </label>
        <label data-wide="true">
          Watch (a comma between)
          <Field name="watch" maxLength={600} defaultValue={texts.watch.join(', ')} />
        </label>
        {FIELDS.map(({ name, label, read }) => (
          <label key={name}>
            {label}
            <Field name={name} inputMode="decimal" autoComplete="off" defaultValue={tidy(read(measures))} />
          </label>
        ))}
      </div>
      <fieldset>
        <legend>What carries its meaning (the nearest variant keeps it)</legend>
        {FEATURES.map((feature) => (
          <label key={feature}>
            <Checkbox name="keeps" value={feature} defaultChecked={posture.keeps.includes(feature)} />{' '}
            {FEATURE_NAMES[feature]}
          </label>
        ))}
      </fieldset>
      {problem && <p role="alert">{problem}</p>}
      <OvertakenSheet
        open={theirs !== null}
        what={`a change of ${texts.name}`}
        onTheirs={() => {
          if (theirs?.current) onSaved(theirs.current)
          onLeave()
        }}
        onMine={() => {
          revision.current = theirs?.current?.revision ?? 0
          setTheirs(null)
        }}
      />
      <p className={styles.tools}>
        <Button type="submit" variant="contained">
          Save
        </Button>
        {changed && <Button onClick={reset}>{isOwn ? 'Take out of the library' : 'Back to the original'}</Button>}
        <Button onClick={onLeave}>Leave it</Button>
      </p>
    </form>
  )
}

function readForm(form: FormData, document: PostureDocument, school: SchoolId): PostureDocument {
  const read = (name: string) => String(form.get(name) ?? '').trim()
  const measures = FIELDS.reduce((m, { name, read: now, write }) => {
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
    keeps: form.getAll('keeps') as Feature[],
    measures: { ...document.measures, [school]: measures },
  }
}
