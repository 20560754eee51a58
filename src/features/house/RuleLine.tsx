import Button from '@mui/material/Button'
import { HOUSE_RULES, type HouseKey } from '@/core'
import { writeHouse } from '@/documents/house-keys'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayHouseRule, sayHouseSource } from '@/words/findings'
import { FigureField } from './FigureField'
import styles from './house.module.css'

/** Centimetres on screen; the document holds metres. */
const shown = (key: HouseKey, inDocument: number) =>
  Number((HOUSE_RULES[key].unit === 'm' ? inDocument * 100 : inDocument).toFixed(2))
const UNITS = { m: 'cm', rad: '°', share: '%', factor: 'times' } as const

type RuleLineProps = { name: HouseKey; value: number | undefined; onSet: (value: number | undefined) => void }

/** One figure of the house: where its default comes from, its range, and the way back. */
export function RuleLine({ name: key, value, onSet }: RuleLineProps) {
  const t = useSay('screens.house')
  const words = useWords()

  const { unit, min, max } = HOUSE_RULES[key]
  const name = sayHouseRule(key, words)
  const usual = shown(key, writeHouse(key, HOUSE_RULES[key].value))
  const now = value === undefined ? usual : shown(key, value)
  const take = (figure: number | null) =>
    onSet(figure === null || figure === usual ? undefined : unit === 'm' ? figure / 100 : figure)
  const [least, most] = [min, max].map((figure) => shown(key, writeHouse(key, figure)))
  return (
    <label className={styles.rule} data-changed={value !== undefined}>
      <span>
        {name}
        <small>
          {sayHouseSource(key, words)}; {least} {t('to')} {most}
        </small>
      </span>
      <FigureField value={now} onSet={take} />
      <span>{UNITS[unit]}</span>
      {value === undefined ? (
        <small>{t('default')}</small>
      ) : (
        <Button aria-label={t('nameBackUsual', { name, usual })} onClick={() => onSet(undefined)}>
          {t('backUsual', { usual })}
        </Button>
      )}
    </label>
  )
}
