import Button from '@mui/material/Button'
import { PageHead } from '@/ui/places/PageHead'
import { useSay, useWords } from '@/ui/words/use-words'
import styles from './today.module.css'

const STEPS = [
  ['people', '/people?bring'],
  ['house', '/house'],
  ['group', '/people'],
  ['orders', '/people'],
  ['fit', '/class'],
  ['hour', '/lesson'],
] as const

/** From nobody to the first class. */
export function NobodyYet() {
  const say = useSay('today.empty')
  const words = useWords()
  return (
    <main id="about" tabIndex={-1} className={styles.today}>
      <PageHead at="/" tools={<Button href="/words">{words.say('today.look.words')}</Button>}>
        <h1>{say('title')}</h1>
        <p className={styles.hour}>{say('lead')}</p>
      </PageHead>
      <ol className={styles.steps}>
        {STEPS.map(([key, href], i) => (
          <li key={key}>
            {i === 0 ? (
              <>
                <Button variant="contained" href="/bench">
                  {say(key)}
                </Button>{' '}
                <Button href={href}>{say('bring')}</Button>
              </>
            ) : (
              <a href={href}>{say(key)}</a>
            )}
            <span>{say(`${key}More`)}</span>
          </li>
        ))}
      </ol>
    </main>
  )
}
