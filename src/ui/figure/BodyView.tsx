'use client'

import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { flushSync } from 'react-dom'
import { type Analysis, DEG } from '@/core'
import { useTheme } from '@/ui/theme/use-theme'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import styles from './body-view.module.css'
import { FlatPair } from './FlatPair'
import type { Place } from './place'
import type { Look, Lowering } from './solid/TurningFigure'

const TurningFigure = dynamic(() => import('./solid/TurningFigure'), { ssr: false })

export const LOOKS = ['three-quarter', 'front', 'side'] as const satisfies readonly Look[]
const namesIn = (words: Words): Record<Look, string> => ({
  'three-quarter': words.say('screens.ui.threeQuarter'),
  front: words.say('screens.ui.front2'),
  side: words.say('screens.ui.side'),
})

/** In space from somewhere, where a look that is asked for anew is turned back to; or drawn level. */
export type Shown = { look: Look; asked: number } | 'drawn'

export const askFor = (look: Look, was: Shown): Shown => ({ look, asked: was === 'drawn' ? 1 : was.asked + 1 })

type BodyViewProps = {
  analysis: Analysis
  /** The stance has changed since, and this is what was. */
  stale?: boolean
  shown: Shown
  onShow: (shown: Shown) => void
  pointed?: Place | null
  /** Without it the body is only shown. */
  lowering?: Lowering
}

/** The body: in space, turned and bent by hand; or drawn level, where there is no WebGL. */
export function BodyView({ analysis, stale = false, shown, onShow, pointed = null, lowering }: BodyViewProps) {
  const t = useSay('screens.ui')
  const words = useWords()
  const canTurn = useCanTurn()
  const theme = useTheme()
  const isPrinting = useIsPrinting()
  const drawn = !canTurn || shown === 'drawn' || isPrinting
  return (
    <section className={styles.body} data-stale={stale} aria-label={t('theBody')}>
      <div className={styles.bodyView}>
        {drawn ? (
          <FlatPair analysis={analysis} pointed={pointed} />
        ) : (
          <div role="img" aria-label={sayBody(analysis, lowering !== undefined, words)} className={styles.turning}>
            <TurningFigure {...shown} analysis={analysis} theme={theme} pointed={pointed} lowering={lowering} />
          </div>
        )}
      </div>
      {canTurn && (
        <div className={styles.looks}>
          {LOOKS.map((look) => (
            <Button key={look} aria-pressed={!drawn && shown.look === look} onClick={() => onShow(askFor(look, shown))}>
              {namesIn(words)[look]}
            </Button>
          ))}
          <Button aria-pressed={drawn} onClick={() => onShow('drawn')}>
            {t('drawn')}
          </Button>
        </div>
      )}
    </section>
  )
}

function sayBody({ legs }: Analysis, bends: boolean, words: Words): string {
  const [left, right] = [legs.left, legs.right].map((leg) => words.number(leg.flexion / DEG)) as [string, string]
  return words.say('screens.ui.bodyInStance', { left, right, bends: String(bends) })
}

/** On paper the body is drawn level: what is drawn in space has the colours and the size of the screen. */
function useIsPrinting(): boolean {
  const [is, setIs] = useState(false)
  useEffect(() => {
    const [begin, end] = [() => flushSync(() => setIs(true)), () => setIs(false)]
    window.addEventListener('beforeprint', begin)
    window.addEventListener('afterprint', end)
    return () => {
      window.removeEventListener('beforeprint', begin)
      window.removeEventListener('afterprint', end)
    }
  }, [])
  return is
}

/** Whether the browser can draw in space; not known before it is asked. */
function useCanTurn(): boolean {
  const [can, setCan] = useState(false)
  useEffect(() => {
    // After the floor is usable: the part that turns is loaded only then.
    const timer = setTimeout(() => setCan(document.createElement('canvas').getContext('webgl2') !== null), 300)
    return () => clearTimeout(timer)
  }, [])
  return can
}
