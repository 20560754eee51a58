import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import { useSay, useWords } from '@/ui/words/use-words'
import styles from './teach.module.css'

type NearFallProps = { name: string; emergency: string; onClose: () => void; onMistaken: () => void }

/** What to do first; it is written down already. */
export function NearFall({ name, emergency, onClose, onMistaken }: NearFallProps) {
  const say = useSay('lesson.teach.nearFall')
  const words = useWords()
  return (
    <Dialog open onClose={onClose} className={styles.nearFall} aria-label={say('title', { name })}>
      <h2>{say('title', { name })}</h2>
      <p className={styles.first}>{say('first')}</p>
      <p>{emergency || words.say('practice.emergency')}</p>
      <p>
        <Button variant="contained" autoFocus onClick={onClose}>
          {words.say('lesson.teach.go')}
        </Button>
        <Button onClick={onMistaken}>{say('cancel')}</Button>
      </p>
    </Dialog>
  )
}
