'use client'

import Button from '@mui/material/Button'
import Radio from '@mui/material/Radio'
import { type FormEvent, useRef, useState } from 'react'
import { HOUSE_KEYS, HOUSE_RULES, type HouseKey } from '@/core'
import { type HouseDocument, houseKeyInDocument, writeHouse } from '@/formats/house-document'
import { readFigure } from '@/formats/read-figure'
import { EYE_SIGNS } from '@/records/eye-signs'
import type { HouseSettings } from '@/server/house'
import { ask, OvertakenError, RefusedError } from '@/ui/api/ask'
import { SetAsideNote } from '@/ui/api/SetAsideNote'
import { Field } from '@/ui/forms/Field'
import { PageHead } from '@/ui/places/PageHead'
import { useTaking } from '@/ui/words/use-taking'
import { sayHouseRule, sayHouseSource } from '@/words/findings'
import { saySign } from '@/words/records'
import styles from './house.module.css'

/** The house's own rules: reserves, default limits, thresholds; each with its default and a way back to it. */
export function House({ settings: first }: { settings: HouseSettings }) {
  const [settings, setSettings] = useState(first)
  const [problem, setProblem] = useState<string | null>(null)
  const latest = useRef(first)
  const last = useRef<Promise<void>>(Promise.resolve())
  const take = (next: HouseSettings) => {
    latest.current = next
    setSettings(next)
  }
  /** One change after another: each is made from what the one before came to. */
  const save = (change: (settings: HouseSettings) => HouseSettings) => {
    last.current = last.current.then(async () => {
      try {
        take(await ask<HouseSettings>('/api/house', 'PUT', change(latest.current)))
        setProblem(null)
      } catch (error) {
        if (error instanceof OvertakenError) {
          take(error.current as HouseSettings)
          return setProblem('Somebody else changed the rules meanwhile: these are theirs. Make your change once more.')
        }
        setProblem(error instanceof RefusedError ? error.message : 'It could not be saved; nothing was changed.')
      }
    })
  }
  const set = (key: HouseKey, value: number | undefined) => {
    save((now) => {
      const { [houseKeyInDocument(key)]: _, ...others } = now.rules
      const rules: HouseDocument = value === undefined ? others : { ...others, [houseKeyInDocument(key)]: value }
      return { ...now, rules }
    })
  }
  const changed = Object.keys(settings.rules).length
  return (
    <main className={styles.house}>
      <PageHead at="/house">
        <div className={styles.head}>
          <h1>The house’s own rules</h1>
          <p>
            They apply where nothing is set for a person. Defaults, never clinical limits; a clinician’s order, local
            rules and licensed practice come first.{' '}
            {changed > 0 && (
              <Button onClick={() => save((now) => ({ ...now, rules: {} }))}>All {changed} back to the defaults</Button>
            )}
          </p>
        </div>
      </PageHead>
      {problem && <p role="alert">{problem}</p>}
      <SetAsideNote aside={settings.aside ? [settings.aside] : []} />
      <div className={styles.columns}>
        {PARTS.map(({ title, keys }) => (
          <section key={title} aria-label={title}>
            <h2>{title}</h2>
            {keys.map((key) => (
              <RuleLine
                key={key}
                name={key}
                value={settings.rules[houseKeyInDocument(key)]}
                onSet={(value) => set(key, value)}
              />
            ))}
          </section>
        ))}
        <section aria-label="How bodies are said">
          <h2>How bodies are said</h2>
          <p className={styles.units}>
            {(['metric', 'imperial'] as const).map((units) => (
              <label key={units}>
                <Radio
                  name="units"
                  checked={settings.units === units}
                  onChange={() => save((now) => ({ ...now, units }))}
                />
                {units === 'metric' ? 'centimetres and kilograms' : 'feet, inches and pounds'}
              </label>
            ))}
          </p>
        </section>
        <Signs settings={settings} onSave={save} />
      </div>
    </main>
  )
}

const RESERVES: readonly HouseKey[] = ['swayReserve', 'oneFootReserveFactor', 'eyesClosedReserveFactor', 'emptyMost']
const RANGES: readonly HouseKey[] = [
  'kneeFlexionMin',
  'kneeRangeMax',
  'hipOutwardMax',
  'hipInwardMax',
  'hipAbductionMax',
  'dorsiflexionMax',
  'trunkTwistMax',
]
const PARTS = [
  { title: 'Reserves', keys: RESERVES },
  { title: 'Ranges, where none is measured', keys: RANGES },
  { title: 'When a rule speaks', keys: HOUSE_KEYS.filter((key) => !RESERVES.includes(key) && !RANGES.includes(key)) },
]

/** Centimetres on screen; the document holds metres. */
const shown = (key: HouseKey, inDocument: number) =>
  Number((HOUSE_RULES[key].unit === 'm' ? inDocument * 100 : inDocument).toFixed(2))
const UNITS = { m: 'cm', rad: '°', share: '%', factor: 'times' } as const

type RuleLineProps = { name: HouseKey; value: number | undefined; onSet: (value: number | undefined) => void }

function RuleLine({ name: key, value, onSet }: RuleLineProps) {
  const { unit, min, max } = HOUSE_RULES[key]
  const name = sayHouseRule(key)
  const usual = shown(key, writeHouse(key, HOUSE_RULES[key].value))
  const now = value === undefined ? usual : shown(key, value)
  const commit = (text: string) => {
    const figure = readFigure(text)
    if (text.trim() === '' || figure === usual) return onSet(undefined)
    if (figure !== now) onSet(unit === 'm' ? figure / 100 : figure)
  }
  // A rule holds for everybody: it is taken when the field is left, not at each digit on the way.
  const { type, takeNow } = useTaking(commit, false)
  const [least, most] = [min, max].map((figure) => shown(key, writeHouse(key, figure)))
  return (
    <label className={styles.rule} data-changed={value !== undefined}>
      <span>
        {name}
        <small>
          {sayHouseSource(key)}; {least} to {most}
        </small>
      </span>
      <Field
        key={now}
        inputMode="decimal"
        autoComplete="off"
        defaultValue={now}
        onChange={(event) => type(event.target.value)}
        onBlur={takeNow}
        onKeyDown={(event) => event.key === 'Enter' && takeNow()}
      />
      <span>{UNITS[unit]}</span>
      {value === undefined ? (
        <small>default</small>
      ) : (
        <Button aria-label={`${name} back to ${usual}`} onClick={() => onSet(undefined)}>
          back to {usual}
        </Button>
      )}
    </label>
  )
}

/** What only an eye sees: the usual signs, and the house's own. */
function Signs({
  settings,
  onSave,
}: {
  settings: HouseSettings
  onSave: (change: (settings: HouseSettings) => HouseSettings) => void
}) {
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = event.currentTarget
    const sign = String(new FormData(form).get('sign')).trim()
    if (sign && ![...EYE_SIGNS.map((one) => saySign(one)), ...settings.signs].includes(sign))
      onSave((now) => ({ ...now, signs: [...now.signs, sign] }))
    form.reset()
  }
  return (
    <section aria-label="What only an eye sees">
      <h2>What only an eye sees</h2>
      <p>{EYE_SIGNS.map((sign) => saySign(sign)).join(' · ')}</p>
      <ul>
        {settings.signs.map((sign) => (
          <li key={sign}>
            {sign}{' '}
            <Button
              aria-label={`Take away: ${sign}`}
              onClick={() => onSave((now) => ({ ...now, signs: now.signs.filter((one) => one !== sign) }))}
            >
              take away
            </Button>
          </li>
        ))}
      </ul>
      <form onSubmit={add}>
        <Field name="sign" aria-label="A sign of your own" placeholder="a sign of your own" maxLength={120} />
        <Button type="submit">Add</Button>
      </form>
    </section>
  )
}
