import { measureStance } from '@/core'
import { fromMeasures, POSTURE_FORMAT, toPosture } from '@/documents/posture-document'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Sheet } from '@/ui/words/Sheet'
import { useSay, useWords } from '@/ui/words/use-words'
import { listWatch } from '@/words/postures'
import { addPosture } from '../state/api'
import { findPosture, setLibrary, useLibrary } from '../state/library'
import { useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'

type NewPostureSheetProps = { open: boolean; onClose: () => void; view: OnBenchView }

/** Makes a posture of the library of what is on the bench: in the body's own measures, so that others can be taught it. */
export function NewPostureSheet({ open, onClose, view: { analysis, body, stance } }: NewPostureSheetProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  const enter = async (read: Read) => {
    if (!analysis) return
    const { posture, school } = useBench.getState()
    const from = findPosture(posture)
    const flexion = { left: analysis.legs.left.flexion, right: analysis.legs.right.flexion }
    const added = await addPosture({
      format: POSTURE_FORMAT,
      name: read('name'),
      sided: from.sided,
      purpose: read('purpose'),
      keeps: [...from.keeps],
      cue: read('cue'),
      watch: listWatch(from, words),
      measures: { [school]: fromMeasures(measureStance(stance, body, stance.side ?? 'left', flexion)) },
    })
    setLibrary([...useLibrary.getState().postures, toPosture(added.id, added.document)])
    useBench.setState({ posture: added.id })
    onClose()
  }
  return (
    <Sheet title={t('intoLibrary')} open={open} onClose={onClose}>
      <Form verb={t('addPosture')} onEnter={enter}>
        <label>
          {t('name')}
          <Field name="name" required maxLength={80} autoComplete="off" autoFocus />
        </label>
        <label>
          {t('whatFor')}
          <Field name="purpose" maxLength={300} autoComplete="off" />
        </label>
        <label>
          {t('cue')}
          <Field name="cue" maxLength={300} autoComplete="off" />
        </label>
      </Form>
    </Sheet>
  )
}
