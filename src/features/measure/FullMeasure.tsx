import Button from '@mui/material/Button'
import { useEffect, useMemo, useState } from 'react'
import { type Body, buildPosture } from '@/core'
import { mergeLibrary, type Posture } from '@/documents/posture-document'
import type { MeasuredEntry, TestId } from '@/documents/record-document'
import { bodyOf } from '@/documents/to-core'
import type { BenchPerson, NamedPerson } from '@/keeping/bench'
import type { HouseSettings } from '@/keeping/house'
import type { OwnPosture } from '@/keeping/library'
import type { Group } from '@/records/groups'
import type { KeptRecord } from '@/records/kept-record'
import { resolveRecord } from '@/records/resolve'
import { type Done, listDoing } from '@/teaching/practice/doing'
import { LOCAL } from '@/ui/api/shelf'
import { ConflictSheet } from '@/ui/people/ConflictSheet'
import { useRecord } from '@/ui/people/use-record'
import { PageHead } from '@/ui/places/PageHead'
import { useDayTurn } from '@/ui/places/use-day-turn'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayRefusal } from '@/words/fields'
import { sayPostureName } from '@/words/postures'
import { Board } from './board/Board'
import { History } from './History'
import { Level } from './level/Level'
import styles from './measure.module.css'
import { ABOUT, MEASURES, type MeasureId } from './measures'
import type { PanelProps } from './panel-props'
import { Picture } from './picture/Picture'
import { Scales } from './scales/Scales'
import { Steps } from './steps/Steps'
import { SwayPanel } from './sway/SwayPanel'
import { Timed } from './timed/Timed'
import { Worth } from './Worth'

export type MeasureProps = {
  kept: KeptRecord
  person: BenchPerson
  names: readonly NamedPerson[]
  groups: readonly Group[]
  house: HouseSettings
  own: readonly OwnPosture[]
  day: string
  what: MeasureId
  test: TestId | null
}
const BY = 'nivrel-taken-by'

/** One place to measure by simple means: how it is done, what it buys, the measuring itself, what was measured before. */
export function FullMeasure(props: MeasureProps) {
  const say = useSay('measure')
  const words = useWords()
  const { kept, person, names, groups, house, own, day: served, what: first, test } = props
  const { record, change, undo, canUndo, problem, base, isSaved, theirs, settle, leaveBy } = useRecord(kept)
  const day = useDayTurn(served)
  const [what, setWhat] = useState<MeasureId>(first)
  const [at, setAt] = useState(0)
  const [by, setBy] = useState('')
  const [told, setTold] = useState<string | null>(null)
  useEffect(() => setBy(LOCAL.read(BY) ?? ''), [])
  const resolved = useMemo(() => resolveRecord(record, day, house.rules), [record, day, house])
  const body = useMemo(() => bodyOf(resolved.document), [resolved])
  const postures = useMemo(() => mergeLibrary(own), [own])
  const doing = useMemo(
    () => [...listDoing(body, person.planned, postures), ...listQuiet(body, postures)],
    [body, person, postures],
  )
  const done = doing[at] ?? doing[0]
  const { tests } = ABOUT[what]
  const tell = () => setTold(say('kept', { day: words.day(day) }))
  const onKeep = (entry: Omit<MeasuredEntry, 'on' | 'by'>) => {
    const whole = { ...entry, on: day, ...(by && { by }), ...(done && { posture: done.posture.id }) } as MeasuredEntry
    change((now) => ({ ...now, measures: [...now.measures, whole] }))
    tell()
  }
  const choose = (next: MeasureId) => {
    setWhat(next)
    setTold(null)
  }
  if (!done) return null
  const panel: PanelProps = {
    person: kept.id,
    record,
    change,
    body,
    bindings: resolved.bindings,
    done,
    day,
    by,
    onKeep,
  }
  return (
    <main id="about" tabIndex={-1} className={styles.measure}>
      <PageHead
        at="/people"
        tools={
          <>
            <span role="status">
              {problem
                ? problem.kind === 'refused'
                  ? sayRefusal(problem.why, words)
                  : words.say('log.tools.waiting', { n: 1 })
                : say(isSaved ? 'saved' : 'saving')}
            </span>
            <Button onClick={undo} disabled={!canUndo}>
              {say('undo')}
            </Button>
            <Button onClick={() => leaveBy(`/people/${encodeURIComponent(kept.id)}`)}>{say('title.back')}</Button>
            <Button onClick={() => leaveBy(`/bench?person=${encodeURIComponent(kept.id)}`)}>
              {say('title.bench')}
            </Button>
          </>
        }
      >
        <h1>
          {say('title.measure')}{' '}
          <ChoiceWord
            label={say('title.person')}
            value={kept.id}
            choices={names.map(({ id, name, story }) => ({ value: id, name, detail: story }))}
            onChoose={(id) => leaveBy(`/measure?person=${encodeURIComponent(id)}&what=${what}`)}
          />{' '}
          {say('title.with')}{' '}
          <ChoiceWord
            label={say('title.what')}
            value={what}
            choices={MEASURES.map((value) => ({ value, name: say(`names.${value}`) }))}
            onChoose={(next) => choose(next as MeasureId)}
            then="."
          />
        </h1>
      </PageHead>
      <div className={styles.work}>
        <aside>
          <Steps measure={what} />
          <Worth measure={what} body={body} doing={doing} />
          {tests.length === 0 && <History record={record} what={what} change={change} />}
        </aside>
        <section aria-label={say(`names.${what}`)}>
          <p className={styles.source}>
            {tests.length === 0 && (
              <span>
                {say('sway.posture')}{' '}
                <ChoiceWord
                  label={say('sway.posture')}
                  value={String(Math.min(at, doing.length - 1))}
                  choices={doing.map(({ posture, plan }, i) => ({
                    value: String(i),
                    name: sayPostureName(posture, words),
                    detail: plan?.group ?? '',
                  }))}
                  onChoose={(next) => setAt(Number(next))}
                />
              </span>
            )}
            <label>
              {say('by')}{' '}
              <TypedField
                value={by}
                maxLength={120}
                onTyped={(text) => {
                  setBy(text)
                  LOCAL.write(BY, text)
                }}
              />
            </label>
          </p>
          {what === 'scales' && <Scales key={at} {...panel} />}
          {what === 'board' && <Board key={at} {...panel} />}
          {what === 'level' && <Level key={at} {...panel} />}
          {what === 'sway' && (
            <SwayPanel key={at} {...panel} practice={house.practice} least={resolved.effects.swayReserveM} />
          )}
          {what === 'picture' && <Picture key={at} {...panel} />}
          {tests.length > 0 && <Timed key={what} {...panel} tests={tests} first={test ?? undefined} onKept={tell} />}
          {told && <p role="status">{told}</p>}
        </section>
      </div>
      {theirs && (
        <ConflictSheet
          base={base}
          here={record}
          there={theirs.record}
          groups={groups}
          units={house.units}
          onSettle={settle}
        />
      )}
    </main>
  )
}

/** Feet under the shoulders: where most is measured. */
function listQuiet(body: Body, postures: readonly Posture[]): Done[] {
  const posture = postures.find(({ id }) => id === 'parallel')
  if (!posture) return []
  const stance = buildPosture(posture, body, 'therapeutic', 'left')
  return [{ posture, school: 'therapeutic', side: 'left', stance, plan: null }]
}
