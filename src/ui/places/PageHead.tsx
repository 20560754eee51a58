import type { ReactNode } from 'react'
import { type Place, Places } from './Places'
import styles from './places.module.css'

type PageHeadProps = {
  at: Place
  /** What the page is about, as a sentence. */
  children: ReactNode
  /** What can be done to all of it. */
  tools?: ReactNode
}

/** The head of every page: its sentence, the other places beside it, and under them what can be done here. */
export function PageHead({ at, children, tools }: PageHeadProps) {
  return (
    <header className={styles.head}>
      <div>
        <div>{children}</div>
        <div className={styles.where}>
          <Places at={at} />
          {tools && (
            <div className={styles.tools} data-print="no">
              {tools}
            </div>
          )}
        </div>
      </div>
    </header>
  )
}
