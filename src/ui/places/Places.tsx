import { LightSwitch } from '../theme/LightSwitch'
import styles from './places.module.css'

const PLACES = [
  ['/', 'Today'],
  ['/bench', 'Bench'],
  ['/people', 'People'],
  ['/class', 'Class fit'],
  ['/path', 'Path'],
  ['/lesson', 'Lesson'],
  ['/log', 'Log'],
  ['/postures', 'Postures'],
  ['/house', 'House'],
] as const

export type Place = (typeof PLACES)[number][0]

/**
 * Where one is and where one can go, as a line of words. Each place is loaded anew: what somebody may do changes from page
 * to page, and a page remembered from before would show what was.
 */
export function Places({ at }: { at: Place }) {
  return (
    <nav className={styles.places} aria-label="Places">
      <span className={styles.mark}>
        {/* biome-ignore lint/performance/noImgElement: a vector of half a kilobyte */}
        <img src="/mark.svg" alt="" width="26" height="26" /> <span>Nivrel</span>
      </span>
      {PLACES.map(([path, name]) => (
        <a key={path} href={path} aria-current={path === at ? 'page' : undefined}>
          {name}
        </a>
      ))}
      <LightSwitch className={styles.light} />
    </nav>
  )
}
