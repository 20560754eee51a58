import Button from '@mui/material/Button'
import { download } from '@/ui/files/download'
import styles from './set-aside.module.css'

type SetAside = { what: string; id: string; name: string; reason: string; raw: unknown }

/** What is kept and cannot be read: named, and whole to be taken out. The rest goes on without it. */
export function SetAsideNote({ aside }: { aside: readonly SetAside[] }) {
  if (aside.length === 0) return null
  return (
    <section className={styles.aside} aria-label="Set aside">
      {aside.map((one) => (
        <p key={`${one.what} ${one.id}`}>
          <strong>{one.name}</strong> cannot be read and is set aside ({one.reason}). Nothing of it is lost.{' '}
          <Button onClick={() => download(`${one.what}-set-aside.json`, 'application/json', textOf(one))}>
            Take it out
          </Button>
        </p>
      ))}
    </section>
  )
}

const textOf = ({ raw }: SetAside): string => (typeof raw === 'string' ? raw : JSON.stringify(raw, null, 2))
