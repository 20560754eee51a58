import Checkbox from '@mui/material/Checkbox'
import {
  type DAY_RULE_RANGES,
  DAY_RULES,
  type DayRulesDocument,
  resolveDayRule,
  TODAY_REASONS,
  type TodayReason,
} from '@/documents/day-rules'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayToday } from '@/words/limits'
import { FigureField } from './FigureField'
import styles from './house.module.css'

type DayRulesProps = { days: DayRulesDocument; onSet: (days: DayRulesDocument) => void }
type FigureKey = keyof typeof DAY_RULE_RANGES

const figuresIn = (words: Words): readonly { key: FigureKey; name: string; unit: string }[] => [
  { key: 'kneePct', name: words.say('screens.house.kneeBend'), unit: words.say('screens.house.ofUsual') },
  { key: 'armElevationMaxDeg', name: words.say('screens.house.arms'), unit: '°' },
  { key: 'holdMaxS', name: words.say('screens.house.holds'), unit: 's' },
]

/** What each kind of bad day lowers: three that differ, each of them settable. */
export function DayRules({ days, onSet }: DayRulesProps) {
  const t = useSay('screens.house')
  const words = useWords()

  const set = (reason: TodayReason, part: Partial<(typeof DAY_RULES)[TodayReason]>) =>
    onSet({ ...days, [reason]: { ...days[reason], ...part } })
  return (
    <section aria-label={t('whatBadDayLowers')}>
      <h2>{t('whatBadDayLowers')}</h2>
      {TODAY_REASONS.map((reason) => {
        const rule = resolveDayRule(days, reason)
        const name = sayToday(reason, words)
        return (
          <fieldset key={reason} className={styles.day}>
            <legend>{name.charAt(0).toUpperCase() + name.slice(1)}</legend>
            {figuresIn(words).map(({ key, name: what, unit }) => (
              <label key={key}>
                {what}{' '}
                <FigureField
                  label={`${name}, ${what}`}
                  value={rule[key]}
                  onSet={(figure) => set(reason, { [key]: figure ?? DAY_RULES[reason][key] })}
                />{' '}
                {unit}
              </label>
            ))}
            <label>
              <Checkbox checked={rule.chair} onChange={() => set(reason, { chair: !rule.chair })} /> {t('aHandOnChair')}
            </label>
          </fieldset>
        )
      })}
    </section>
  )
}
