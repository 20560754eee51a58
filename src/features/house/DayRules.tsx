import Checkbox from '@mui/material/Checkbox'
import {
  type DAY_RULE_RANGES,
  DAY_RULES,
  type DayRulesDocument,
  resolveDayRule,
  TODAY_REASONS,
  type TodayReason,
} from '@/formats/day-rules'
import { readFigure } from '@/formats/read-figure'
import { Field } from '@/ui/forms/Field'
import { useTaking } from '@/ui/words/use-taking'
import { sayToday } from '@/words/limits'
import styles from './house.module.css'

type DayRulesProps = { days: DayRulesDocument; onSet: (days: DayRulesDocument) => void }
type FigureKey = keyof typeof DAY_RULE_RANGES

const FIGURES: readonly { key: FigureKey; name: string; unit: string }[] = [
  { key: 'kneePct', name: 'knee bend to', unit: '% of the usual' },
  { key: 'armElevationMaxDeg', name: 'arms to', unit: '°' },
  { key: 'holdMaxS', name: 'holds to', unit: 's' },
]

/** What each kind of bad day lowers: three that differ, each of them settable. */
export function DayRules({ days, onSet }: DayRulesProps) {
  const set = (reason: TodayReason, part: Partial<(typeof DAY_RULES)[TodayReason]>) =>
    onSet({ ...days, [reason]: { ...days[reason], ...part } })
  return (
    <section aria-label="What a bad day lowers">
      <h2>What a bad day lowers</h2>
      {TODAY_REASONS.map((reason) => {
        const rule = resolveDayRule(days, reason)
        const name = sayToday(reason)
        return (
          <fieldset key={reason} className={styles.day}>
            <legend>{name.charAt(0).toUpperCase() + name.slice(1)}</legend>
            {FIGURES.map(({ key, name: what, unit }) => (
              <DayFigure
                key={key}
                label={`${name}, ${what}`}
                what={what}
                unit={unit}
                value={rule[key]}
                usual={DAY_RULES[reason][key]}
                onSet={(value) => set(reason, { [key]: value })}
              />
            ))}
            <label>
              <Checkbox checked={rule.chair} onChange={() => set(reason, { chair: !rule.chair })} /> a hand on a chair
            </label>
          </fieldset>
        )
      })}
    </section>
  )
}

type DayFigureProps = {
  label: string
  what: string
  unit: string
  value: number
  usual: number
  onSet: (value: number) => void
}

function DayFigure({ label, what, unit, value, usual, onSet }: DayFigureProps) {
  const { type, takeNow } = useTaking((text) => {
    const figure = text.trim() === '' ? usual : readFigure(text)
    if (figure !== value) onSet(figure)
  }, false)
  return (
    <label>
      {what}{' '}
      <Field
        key={value}
        aria-label={label}
        inputMode="decimal"
        autoComplete="off"
        defaultValue={Number.isNaN(value) ? '' : value}
        onChange={(event) => type(event.target.value)}
        onBlur={takeNow}
        onKeyDown={(event) => event.key === 'Enter' && takeNow()}
      />{' '}
      {unit}
    </label>
  )
}
