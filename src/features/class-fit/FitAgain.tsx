import Button from '@mui/material/Button'
import Popover from '@mui/material/Popover'
import { useState } from 'react'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayDrops } from '@/words/class'
import styles from './class-fit.module.css'
import { listDrops } from './layout'
import type { Class } from './use-class'

/** Fits whoever is here anew. What that would drop is said first; the way back stays. */
export function FitAgain({ state }: { state: Class }) {
  const t = useSay('screens.classFit')
  const words = useWords()

  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const drops = state.layout && listDrops(state.layout)
  const fitAnew = () => {
    setAnchor(null)
    state.search()
  }
  return (
    <>
      <Button onClick={(event) => (drops ? setAnchor(event.currentTarget) : fitAnew())}>{t('fitAgain')}</Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'top', horizontal: 'right' }}
        transitionDuration={0}
      >
        <section className={styles.drops} aria-label={t('whatFittingAgainDrops')}>
          <p>{drops && sayDrops({ ...drops, names: drops.pinned.flatMap((id) => nameOf(state, id) ?? []) }, words)}</p>
          <p>
            <Button variant="contained" onClick={fitAnew}>
              {t('fitAgain')}
            </Button>
            <Button variant="outlined" onClick={() => setAnchor(null)}>
              {t('cancel')}
            </Button>
          </p>
        </section>
      </Popover>
    </>
  )
}

const nameOf = ({ placed }: Class, id: string) => placed.find(({ member }) => member.id === id)?.member.short
