import Button from '@mui/material/Button'
import type { Refusal } from '@/core'
import { download } from '@/ui/files/download'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayError } from '@/words/errors'
import styles from './set-aside.module.css'

type SetAside = { what: string; id: string; name: string; why: Refusal; raw: unknown }

/** What is kept and cannot be read: named, and whole to be taken out. The rest goes on without it. */
export function SetAsideNote({ aside }: { aside: readonly SetAside[] }) {
  const t = useSay('screens.ui')
  const words = useWords()

  if (aside.length === 0) return null
  return (
    <section className={styles.aside} aria-label={t('setAside')}>
      {aside.map((one) => (
        <p key={`${one.what} ${one.id}`}>
          <strong>{one.name}</strong> {t('cannotReadSetAside', { error: sayError(one.why, words) })}{' '}
          <Button onClick={() => download(`${one.what}-set-aside.json`, 'application/json', textOf(one))}>
            {t('takeOut')}
          </Button>
        </p>
      ))}
    </section>
  )
}

const textOf = ({ raw }: SetAside): string => (typeof raw === 'string' ? raw : JSON.stringify(raw, null, 2))
