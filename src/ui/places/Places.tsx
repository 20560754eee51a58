import { useWords } from '@/ui/words/use-words'
import { LightSwitch } from '../theme/LightSwitch'
import { LanguageWord } from './LanguageWord'
import styles from './places.module.css'

const PLACES = [
  ['/', 'today'],
  ['/bench', 'bench'],
  ['/people', 'people'],
  ['/class', 'class'],
  ['/path', 'path'],
  ['/lesson', 'lesson'],
  ['/log', 'log'],
  ['/postures', 'postures'],
  ['/house', 'house'],
] as const

export type Place = (typeof PLACES)[number][0]

/**
 * Where one is and where one can go, as a line of words. Each place is loaded anew: what somebody may do changes from page
 * to page, and a page remembered from before would show what was.
 */
export function Places({ at }: { at: Place }) {
  const words = useWords()
  return (
    <nav className={styles.places} aria-label={words.say('places.label')}>
      <span className={styles.mark}>
        {/* biome-ignore lint/performance/noImgElement: a vector of half a kilobyte */}
        <img src="/mark.svg" alt="" width="26" height="26" /> <span>Nivrel</span>
      </span>
      {PLACES.map(([path, name]) => (
        <a key={path} href={path} aria-current={path === at ? 'page' : undefined}>
          {words.say(`places.nav.${name}`)}
        </a>
      ))}
      <LanguageWord className={styles.light} />
      <LightSwitch className={styles.light} />
    </nav>
  )
}
