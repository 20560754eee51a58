'use client'

import Button from '@mui/material/Button'
import { useSay } from '@/ui/words/use-words'
import { PageHead } from './PageHead'
import styles from './places.module.css'

type AstrayProps = {
  /** Nothing is there, or it could not be made. */
  why: 'nowhere' | 'broken'
  onAgain?: () => void
}

/** Where a page should be and is not: what that means for what was saved, and ways on. */
export function Astray({ why, onAgain }: AstrayProps) {
  const say = useSay('places.astray')
  return (
    <main id="about" tabIndex={-1} className={styles.astray}>
      <PageHead at="/">
        <h1>{say(`${why}.title`)}</h1>
      </PageHead>
      <p>{say(`${why}.text`)}</p>
      <p>
        {onAgain && (
          <Button variant="contained" onClick={onAgain}>
            {say('again')}
          </Button>
        )}{' '}
        <Button variant={onAgain ? 'text' : 'contained'} href="/">
          {say('today')}
        </Button>
      </p>
    </main>
  )
}
