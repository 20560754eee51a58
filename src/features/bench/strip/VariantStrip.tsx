'use client'

import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useMemo } from 'react'
import { analyse, type Stance, type Variant } from '@/core'
import { fromStance } from '@/documents/from-core'
import { SmallFloor } from '@/ui/floor/SmallFloor'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useSay, useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayChange, sayGain, sayKind, sayNudges, saySideNudge } from '@/words/changes'
import { sayFinding, sayHeading } from '@/words/findings'
import type { Words } from '@/words/language'
import { uncapital } from '@/words/lists'
import { sayPosture } from '@/words/postures'
import { worstFirst } from '@/words/reasons'
import { sayBuys, sayNote } from '@/words/variants'
import shared from '../shared.module.css'
import { findPosture } from '../state/library'
import { openStance, useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'
import styles from './strip.module.css'
import type { useVariants, VariantsFound } from './use-variants'

type VariantStripProps = { view: OnBenchView } & ReturnType<typeof useVariants>

/** The safer variants as small floors over the original, each with what changes and what it buys. */
export function VariantStrip({ view, found, searching, progress, isStopped, stop, lookAgain }: VariantStripProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  if (!view.analysis) return <section className={styles.variants} aria-label={t('saferVariants')} />
  return (
    <section className={styles.variants} aria-label={t('saferVariants')} aria-busy={searching}>
      {searching && (
        <Button className={shared.take} onClick={stop}>
          {t('stopLooking')}
        </Button>
      )}
      {isStopped && (
        <p className={shared.quiet}>
          {t('theSearchWasEnded')}{' '}
          <Button className={shared.take} onClick={lookAgain}>
            {t('lookAgain')}
          </Button>
        </p>
      )}
      {searching && (
        <LinearProgress
          className={styles.searching}
          variant="determinate"
          value={progress * 100}
          aria-label={t('lookingForSaferVariants')}
        />
      )}
      {found && !searching && found.set.variants.length === 0 && (
        <p className={shared.quiet}>{sayNothingFound(view, found, words)}</p>
      )}
      {found?.set.cut && !searching && <p className={shared.quiet}>{t('itTookTooLong')}</p>}
      {!found && searching && <p className={shared.quiet}>{t('lookingForWhatWould')}</p>}
      {found?.set.variants.map((variant) => (
        <OneVariant key={variant.kind} view={view} variant={variant} of={found.of} stale={searching} />
      ))}
    </section>
  )
}

function sayNothingFound({ analysis }: OnBenchView, { set }: NonNullable<VariantsFound>, words: Words): string {
  if (analysis?.verdict === 'holds') return words.say('screens.bench.itHoldsNothingWithin')
  if (set.conflicts.length > 0) {
    return words.say('screens.bench.nothingPasses', {
      conflicts: set.conflicts.map((one) => sayFinding(one, words)).join(' '),
    })
  }
  return words.say('screens.bench.nothingWithinReachWas')
}

type OneVariantProps = { view: OnBenchView; variant: Variant; of: Stance; stale: boolean }

function OneVariant({ view, variant, of, stale }: OneVariantProps) {
  const t = useSay('screens.bench')
  const words = useWords()

  const { body } = view
  const { before, after } = useMemo(() => {
    const options = { standing: null, withoutFreeTurn: true }
    return { before: analyse(body, of, options), after: analyse(body, variant.stance, options) }
  }, [body, of, variant])
  const gain = sayGain(before, after, words)
  const note = sayNote(variant, sayPosture(findPosture(useBench((state) => state.posture)), words), words)
  const name = [variant.kind, ...variant.also].map((kind) => sayKind(kind, words)).join(', ')
  return (
    <article className={styles.variant} data-stale={stale} aria-label={name}>
      <div className={styles.variantFloor}>
        <SmallFloor body={body} stance={variant.stance} over={of} width={84} height={96} />
        <Button
          className={shared.take}
          disabled={stale}
          onClick={() => openStance(fromStance(variant.stance))}
          aria-label={t('takeThis', {
            name,
            verdict: verdictWordsIn(words)[after.verdict].toLowerCase(),
          })}
        >
          {t('take')}
        </Button>
      </div>
      <div>
        <h3>
          <VerdictMark verdict={after.verdict} /> {name}
        </h3>
        {note && <p className={styles.givesUp}>{note}</p>}
        <SmallVial margins={after.margins.usable} reserve={after.reserve} />
        <p>{variant.changes.map((change) => sayChange(change, words)).join(', ')}</p>
        {gain && <p className={styles.gain}>{gain}</p>}
        <details className={styles.oneByOne}>
          <summary>{saySideNudge(before, after, words)}</summary>
          <p>{sayNudges(before, after, words)}</p>
        </details>
        {after.findings.length > 0 && (
          <p className={styles.after}>
            {t('afterIt', {
              findings: worstFirst(after.findings)
                .map((finding) => uncapital(sayHeading(finding, words)))
                .join('; '),
            })}
          </p>
        )}
        {variant.changes.length > 1 && <OneByOne variant={variant} stale={stale} />}
      </div>
    </article>
  )
}

/** The changes one at a time: one can be taken and another left. */
function OneByOne({ variant, stale }: { variant: Variant; stale: boolean }) {
  const t = useSay('screens.bench')
  const words = useWords()

  return (
    <details className={styles.oneByOne}>
      <summary>{t('oneAtTime')}</summary>
      <ul>
        {variant.changes.map((change) => (
          <li key={change.what}>
            <Button className={shared.take} disabled={stale} onClick={() => openStance(fromStance(change.alone))}>
              {sayChange(change, words)}
            </Button>
            : {sayBuys(change.buys, words)}
          </li>
        ))}
      </ul>
    </details>
  )
}
