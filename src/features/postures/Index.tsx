import Button from '@mui/material/Button'
import type { Posture } from '@/documents/posture-document'
import type { OwnPosture } from '@/keeping/library'
import { sayPostureName } from '@/words/postures'
import styles from './postures.module.css'

type IndexProps = {
  library: readonly Posture[]
  own: readonly OwnPosture[]
  chosen: string
  onChoose: (id: string) => void
}

/** Everything in the library, as an index at the end of a book. */
export function Index({ library, own, chosen, onChoose }: IndexProps) {
  const parts: [string, Posture[]][] = [
    ['Stances of the legs', library.filter(({ kind }) => kind === 'stance')],
    ['Postures', library.filter(({ kind, id }) => kind === 'form' && !id.startsWith('own-'))],
    ['Your own', library.filter(({ id }) => id.startsWith('own-'))],
  ]
  return (
    <nav className={styles.index} aria-label="The library">
      {parts.map(([title, postures]) => (
        <section key={title} aria-label={title}>
          <h2>{title}</h2>
          {postures.length === 0 && <p>None yet: “Into the library” on the bench adds one.</p>}
          <ul>
            {postures.map(({ id, own: texts }) => (
              <li key={id}>
                <Button aria-pressed={id === chosen} onClick={() => onChoose(id)}>
                  {sayPostureName({ id, own: texts })}
                </Button>
                {own.some((one) => one.id === id) && !id.startsWith('own-') && <small>changed</small>}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </nav>
  )
}
