import Button from '@mui/material/Button'
import type { HousePreview, Turned } from '@/keeping/house-preview'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayList } from '@/words/lists'
import { sayPostureName } from '@/words/postures'
import styles from './house.module.css'
import type { useHouse } from './use-house'

/** What a change would do, before it is kept: the reason comes before the press. */
export function KeepBar({ house }: { house: ReturnType<typeof useHouse> }) {
  const t = useSay('screens.house')
  const { preview, isLooking, problem, keep, leave } = house
  return (
    <section className={styles.keep} data-print="no" aria-label={t('notKeptYet')}>
      <div aria-live="polite">
        <strong>{t('notKeptYet2')}</strong> {isLooking && t('lookingWhatChanges')}
        {preview?.problem && <span role="alert">{preview.problem}</span>}
        {preview?.found && <Effects found={preview.found} />}
        {!isLooking && !preview && t('nobodysOwnStandingNo')}
        {problem && <p role="alert">{problem}</p>}
      </div>
      <p>
        <Button variant="contained" onClick={keep} disabled={isLooking || Boolean(preview?.problem)}>
          {t('keep')}
        </Button>
        <Button variant="outlined" onClick={leave}>
          {t('cancel')}
        </Button>
      </p>
    </section>
  )
}

function Effects({ found: { standing, plans } }: { found: HousePreview }) {
  const t = useSay('screens.house')
  const words = useWords()

  if (plans.length === 0 && standing.no.length + standing.again.length === 0) return t('nobodysOwnStandingNo')
  return (
    <ul>
      <Lines what={t('inTheirOwnStanding')} turned={standing} />
      {plans.map((plan) => (
        <Lines
          key={`${plan.group} ${plan.posture.id}`}
          what={`${plan.group}, ${sayPostureName(plan.posture, words)}`}
          turned={plan}
        />
      ))}
    </ul>
  )
}

function Lines({ what, turned: { no, again } }: { what: string; turned: Turned }) {
  const t = useSay('screens.house')
  const words = useWords()

  return (
    <>
      {no.length > 0 && (
        <li>
          {t('whatNoLongerSteady', { what })} <b>{sayList(no, words)}</b>.
        </li>
      )}
      {again.length > 0 && <li>{t('whatSteadyAgainList', { what, list: sayList(again, words) })}</li>}
    </>
  )
}
