'use client'

import Button from '@mui/material/Button'
import type { PrintKind, PrintRequest } from '@/keeping/paper/asked'
import { PAPER_SIZES, type PaperSize, type Sheet } from '@/paper/sheet'
import { PageHead } from '@/ui/places/PageHead'
import type { Place } from '@/ui/places/Places'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { useSay } from '@/ui/words/use-words'
import { LENGTH_UNITS, type LengthUnit } from '@/words/units'
import styles from './paper.module.css'
import { SheetView } from './SheetView'

export type PaperProps = {
  asked: PrintRequest
  title: string
  sheets: readonly Sheet[]
  /** What else can be printed of the same. */
  kinds: readonly PrintKind[]
  /** Stances that can be chosen, by their place in the list. */
  stances: readonly { name: string; detail: string }[]
  /** Where one came from. */
  at: Place
}
const WITH_UNIT: readonly PrintKind[] = ['plan', 'card', 'home']
const WITH_COUNTS: readonly PrintKind[] = ['card', 'home']

const toQuery = (asked: PrintRequest): string =>
  new URLSearchParams(
    Object.entries(asked).flatMap(([key, value]) => (value === undefined ? [] : [[key, String(value)]])),
  ).toString()

/** Sheets as they print, chosen by a sentence; one press makes the PDF. */
export function PaperPage({ asked, title, sheets, kinds, stances, at }: PaperProps) {
  const say = useSay('paper')
  const { as, size, unit, of, counts, hold, routine } = asked
  const go = (change: Partial<PrintRequest>) => window.location.assign(`/paper?${toQuery({ ...asked, ...change })}`)
  return (
    <main id="about" tabIndex={-1} className={styles.paper}>
      <div data-print="no">
        <PageHead
          at={at}
          tools={
            <>
              <span role="status">{say('title.sheets', { n: sheets.length })}</span>
              <Button
                variant="contained"
                disabled={sheets.length === 0}
                href={`/api/paper?${toQuery(asked)}`}
                target="_blank"
              >
                {say('title.download')}
              </Button>
              <Button onClick={() => window.history.back()}>{say('title.back')}</Button>
            </>
          }
        >
          <h1>
            {say('title.paper')}{' '}
            <ChoiceWord
              label={say('title.kind')}
              value={as}
              choices={kinds.map((value) => ({ value: value as string, name: say(`kinds.${value}`) }))}
              onChoose={(next) => go({ as: next as PrintKind })}
            />{' '}
            {say('title.of')} {title} {say('title.in')}{' '}
            <ChoiceWord
              label={say('title.size')}
              value={size}
              choices={PAPER_SIZES.map((value) => ({ value: value as string, name: say(`title.sizes.${value}`) }))}
              onChoose={(next) => go({ size: next as PaperSize })}
              then="."
            />
          </h1>
        </PageHead>
        <p className={styles.choices}>
          {stances.length > 1 && as !== 'clinician' && (
            <span>
              {say('title.stance')}{' '}
              <ChoiceWord
                label={say('title.stance')}
                value={String(Math.min(of, stances.length - 1))}
                choices={stances.map(({ name, detail }, i) => ({ value: String(i), name, detail }))}
                onChoose={(next) => go({ of: Number(next) })}
              />
            </span>
          )}
          {as === 'tape' && stances.length === 0 && (
            <span>
              {say(routine ? 'title.part' : 'title.level')}{' '}
              <NumberWord
                label={say(routine ? 'title.part' : 'title.level')}
                value={of + 1}
                unit=""
                step={1}
                min={1}
                max={routine ? 100 : 3}
                onChange={(next) => go({ of: Math.round(next) - 1 })}
              />
            </span>
          )}
          {WITH_UNIT.includes(as) && (
            <span>
              {say('title.unit')}{' '}
              <ChoiceWord
                label={say('title.unit')}
                value={unit}
                choices={LENGTH_UNITS.map((value) => ({ value: value as string, name: say(`units.${value}`) }))}
                onChoose={(next) => go({ unit: next as LengthUnit })}
              />
            </span>
          )}
          {WITH_COUNTS.includes(as) && (
            <span>
              <NumberWord
                label={say('title.counts')}
                value={counts}
                unit="×"
                step={1}
                min={1}
                max={50}
                onChange={(next) => go({ counts: Math.round(next) })}
              />{' '}
              {say('title.each')}{' '}
              <NumberWord
                label={say('title.hold')}
                value={hold}
                unit="s"
                step={1}
                min={0}
                max={120}
                onChange={(next) => go({ hold: next })}
              />
            </span>
          )}
        </p>
      </div>
      {sheets.length === 0 && <p>{say(as === 'card' || as === 'home' ? 'title.beyond' : 'title.nothing')}</p>}
      <div className={styles.sheets} data-many={sheets.length > 2}>
        {sheets.map((sheet, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: sheets are in their order
          <SheetView key={i} sheet={sheet} id={`sheet-${i}`} />
        ))}
      </div>
    </main>
  )
}
