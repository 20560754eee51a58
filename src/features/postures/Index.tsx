import Button from '@mui/material/Button'
import type { Posture } from '@/documents/posture-document'
import type { OwnPosture } from '@/keeping/library'
import { useSay, useWords } from '@/ui/words/use-words'
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
  const t = useSay('screens.postures')
  const words = useWords()

  const parts: [string, Posture[]][] = [
    [t('stancesLegs'), library.filter(({ kind }) => kind === 'stance')],
    [t('postures'), library.filter(({ kind, id }) => kind === 'form' && !id.startsWith('own-'))],
    [t('yourOwn'), library.filter(({ id }) => id.startsWith('own-'))],
  ]
  return (
    <nav className={styles.index} aria-label={t('theLibrary')}>
      {parts.map(([title, postures]) => (
        <section key={title} aria-label={title}>
          <h2>{title}</h2>
          {postures.length === 0 && <p>{t('noneYetIntoLibrary')}</p>}
          <ul>
            {postures.map(({ id, own: texts }) => (
              <li key={id}>
                <Button aria-pressed={id === chosen} onClick={() => onChoose(id)}>
                  {sayPostureName({ id, own: texts }, words)}
                </Button>
                {own.some((one) => one.id === id) && !id.startsWith('own-') && <small>{t('changed')}</small>}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </nav>
  )
}
