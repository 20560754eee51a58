import Autocomplete from '@mui/material/Autocomplete'
import ButtonBase from '@mui/material/ButtonBase'
import InputBase from '@mui/material/InputBase'
import { useState } from 'react'
import { InputError } from '@/core'
import { parse } from '@/documents/parse'
import { personDocument } from '@/documents/person-document'
import { readFigure } from '@/documents/read-figure'
import { type BodyUnits, readHeight, readMass, sayHeight, sayMass } from '@/records/body-units'
import type { Group } from '@/records/groups'
import { useAttempt } from '@/ui/api/use-attempt'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { useSay, useWords } from '@/ui/words/use-words'
import sentence from '@/ui/words/words.module.css'
import type { Words } from '@/words/language'
import { sayRow } from '@/words/records'
import { GroupWord } from './GroupWord'
import type { PartProps } from './part-props'
import styles from './person.module.css'
import { Sits } from './Sits'
import { TextWord } from './TextWord'
import type { TakeGroups } from './use-groups'

type GroupsProps = { groups: readonly Group[]; takeGroups: TakeGroups }
type PersonSentenceProps = PartProps & GroupsProps & { id: string; units: BodyUnits }

const sexesIn = (words: Words) =>
  [
    { value: 'unspecified', name: words.say('screens.people.sexNotGiven') },
    { value: 'female', name: words.say('screens.people.female') },
    { value: 'male', name: words.say('screens.people.male') },
  ] as const

/** What is left out while it is not known. */
const sexLeftOutIn = (words: Words) => words.say('screens.people.withoutMassesBodysParts')

/** Who they are, as a sentence whose underlined words are changed in place. */
export function PersonSentence({ record, change, day, id, units, groups, takeGroups }: PersonSentenceProps) {
  const t = useSay('screens.people')
  const words = useWords()
  const { body } = record
  const setBody = (key: 'statureM' | 'massKg' | 'ageYears', value: number) =>
    change((r) => ({
      ...r,
      body: { ...r.body, [key]: value },
      measured: { ...r.measured, [key]: { ...r.measured[key], on: day } },
    }))
  /** Sets a figure that was typed, or says what would be accepted. */
  const takeTyped = (...[key, value]: Parameters<typeof setBody>): string | undefined => {
    try {
      parse(personDocument, { ...body, [key]: value })
      setBody(key, value)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      return sayRow(error, units, words)
    }
  }
  return (
    <div className={styles.sentence}>
      <h1>
        <TextWord
          label={t('name')}
          value={record.name}
          onChange={(name) => {
            if (!name) return words.say('records.rows.name')
            change((r) => ({ ...r, name }), 'name')
          }}
        />
      </h1>
      <p>
        {body.ageYears === undefined ? (
          <TextWord
            label={t('ageInYears')}
            value={t('ageNotGiven')}
            live={false}
            onChange={(text) => takeTyped('ageYears', readFigure(text))}
          />
        ) : (
          <NumberWord
            label={t('age')}
            value={body.ageYears}
            unit={t('years')}
            step={1}
            min={5}
            max={115}
            digits={0}
            onChange={(value) => setBody('ageYears', value)}
          />
        )}
        ,{' '}
        <ChoiceWord
          label={t('sex')}
          value={body.sex ?? 'unspecified'}
          choices={sexesIn(words)}
          onChoose={(sex) => change((r) => ({ ...r, body: { ...r.body, sex } }))}
          then=","
        />{' '}
        {units === 'metric' ? (
          <>
            <NumberWord
              label={t('height')}
              value={body.statureM * 100}
              unit="cm"
              step={1}
              min={100}
              max={230}
              onChange={(value) => setBody('statureM', value / 100)}
            />
            ,{' '}
            <NumberWord
              label={t('mass')}
              value={body.massKg}
              unit="kg"
              step={1}
              min={25}
              max={250}
              onChange={(value) => setBody('massKg', value)}
            />
          </>
        ) : (
          <>
            <TextWord
              label={t('heightFeetInches')}
              live={false}
              value={sayHeight(body.statureM, units)}
              onChange={(text) => takeTyped('statureM', readHeight(text, units).value)}
            />
            ,{' '}
            <TextWord
              label={t('massPounds')}
              live={false}
              value={sayMass(body.massKg, units)}
              onChange={(text) => takeTyped('massKg', readMass(text, units).value)}
            />
          </>
        )}
        .{' '}
        {(body.sex ?? 'unspecified') === 'unspecified' && (
          <small className={styles.leftOut}>{sexLeftOutIn(words)} </small>
        )}
        <Sits body={body} change={change} units={units} />{' '}
        <Groups record={record} change={change} day={day} groups={groups} takeGroups={takeGroups} />{' '}
        <a className={sentence.word} href={`/bench?person=${id}`}>
          {t('putOnBench')}
        </a>
      </p>
    </div>
  )
}

/** The groups somebody is in: each leads to its class and can be left; typed, one is joined. */
function Groups({ record, change, groups, takeGroups }: PartProps & GroupsProps) {
  const t = useSay('screens.people')
  const [adding, setAdding] = useState(false)
  const { problem, attempt } = useAttempt()
  const enter = (id: string) => change((r) => (r.groups.includes(id) ? r : { ...r, groups: [...r.groups, id] }))
  const join = async (typed: string) => {
    setAdding(false)
    const name = typed.trim().slice(0, 80)
    if (!name) return
    const known = groups.find((group) => group.name === name)
    if (known) return enter(known.id)
    await attempt(async () => {
      for (const { id } of await takeGroups([name])) enter(id)
    }, `${name} was not joined; try again.`)
  }
  const nameOf = (id: string) => groups.find((group) => group.id === id)?.name ?? t('aGroupGone')
  return (
    <>
      {record.groups.length === 0 && t('inNoGroup')}
      {record.groups.length > 0 && 'In '}
      {record.groups.map((id, i) => (
        <span key={id}>
          {i > 0 && ', '}
          <GroupWord
            id={id}
            name={nameOf(id)}
            onLeave={() => change((r) => ({ ...r, groups: r.groups.filter((one) => one !== id) }))}
          />
        </span>
      ))}{' '}
      {adding ? (
        <Autocomplete
          className={styles.joining}
          freeSolo
          openOnFocus
          options={groups.filter(({ id }) => !record.groups.includes(id)).map(({ name }) => name)}
          onChange={(_, name) => join(name ?? '')}
          onBlur={(event) => join((event.target as HTMLInputElement).value)}
          onKeyDown={(event) => event.key === 'Escape' && setAdding(false)}
          renderInput={({ slotProps }) => (
            <InputBase
              ref={slotProps.input.ref}
              slotProps={{ input: { ...slotProps.htmlInput, 'aria-label': t('groupJoin'), autoFocus: true } }}
            />
          )}
        />
      ) : (
        <span className={sentence.stay}>
          <ButtonBase className={`${sentence.word} ${styles.quietWord}`} onClick={() => setAdding(true)}>
            {t('group2')}
          </ButtonBase>
          .
        </span>
      )}
      {problem && <small role="alert">{problem}</small>}
    </>
  )
}
