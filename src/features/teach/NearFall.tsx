import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import { ENGLISH } from '@/words/language'
import styles from './teach.module.css'

type NearFallProps = { name: string; emergency: string; onClose: () => void; onMistaken: () => void }

const say = (key: string, values?: Record<string, string>) => ENGLISH.say(`lesson.teach.nearFall.${key}`, values)

/** What to do first; it is written down already. */
export function NearFall({ name, emergency, onClose, onMistaken }: NearFallProps) {
  return (
    <Dialog open onClose={onClose} className={styles.nearFall} aria-label={say('title', { name })}>
      <h2>{say('title', { name })}</h2>
      <p className={styles.first}>{say('first')}</p>
      <p>{emergency || ENGLISH.say('practice.emergency')}</p>
      <p>
        <Button variant="contained" autoFocus onClick={onClose}>
          {ENGLISH.say('lesson.teach.go')}
        </Button>
        <Button onClick={onMistaken}>{say('cancel')}</Button>
      </p>
    </Dialog>
  )
}
