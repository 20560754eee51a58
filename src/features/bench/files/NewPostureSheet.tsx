import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import { measureStance } from '@/core'
import { fromMeasures, POSTURE_FORMAT, toPosture } from '@/formats/posture-document'
import { RefusedError } from '@/ui/api/ask'
import { Field } from '@/ui/forms/Field'
import { Sheet } from '@/ui/words/Sheet'
import styles from '@/ui/words/sheet.module.css'
import { listWatch } from '@/words/postures'
import { addPosture } from '../state/api'
import { findPosture, setLibrary, useLibrary } from '../state/library'
import { useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'

type NewPostureSheetProps = { open: boolean; onClose: () => void; view: OnBenchView }

/** Makes a posture of the library of what is on the bench: in the body's own measures, so that others can be taught it. */
export function NewPostureSheet({ open, onClose, view: { analysis, body, stance } }: NewPostureSheetProps) {
  const [problem, setProblem] = useState<string | null>(null)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    if (!analysis) return
    const form = new FormData(event.currentTarget)
    const { posture, school } = useBench.getState()
    const from = findPosture(posture)
    const flexion = { left: analysis.legs.left.flexion, right: analysis.legs.right.flexion }
    try {
      const added = await addPosture({
        format: POSTURE_FORMAT,
        name: String(form.get('name')).trim(),
        sided: from.sided,
        purpose: String(form.get('purpose')).trim(),
        keeps: [...from.keeps],
        cue: String(form.get('cue')).trim(),
        watch: listWatch(from),
        measures: { [school]: fromMeasures(measureStance(stance, body, stance.side ?? 'left', flexion)) },
      })
      setLibrary([...useLibrary.getState().postures, toPosture(added.id, added.document)])
      useBench.setState({ posture: added.id })
      setProblem(null)
      onClose()
    } catch (error) {
      setProblem(error instanceof RefusedError ? error.message : 'It could not be saved; nothing was lost, try again.')
    }
  }
  return (
    <Sheet title="Into the library" open={open} onClose={onClose}>
      <form className={styles.form} onSubmit={submit}>
        <label>
          Name
          <Field name="name" required maxLength={80} autoComplete="off" autoFocus />
        </label>
        <label>
          What it is for
          <Field name="purpose" maxLength={300} autoComplete="off" />
        </label>
        <label>
          Cue
          <Field name="cue" maxLength={300} autoComplete="off" />
        </label>
        {problem && <p role="alert">{problem}</p>}
        <div className={styles.actions}>
          <Button type="submit" variant="contained">
            Add the posture
          </Button>
        </div>
      </form>
    </Sheet>
  )
}
