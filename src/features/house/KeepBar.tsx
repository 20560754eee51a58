import Button from '@mui/material/Button'
import type { HousePreview, Turned } from '@/keeping/house-preview'
import { sayList } from '@/words/lists'
import { sayPostureName } from '@/words/postures'
import styles from './house.module.css'
import type { useHouse } from './use-house'

/** What a change would do, before it is kept: the reason comes before the press. */
export function KeepBar({ house }: { house: ReturnType<typeof useHouse> }) {
  const { preview, isLooking, problem, keep, leave } = house
  return (
    <section className={styles.keep} data-print="no" aria-label="Not kept yet">
      <div aria-live="polite">
        <strong>Not kept yet.</strong> {isLooking && 'Looking what it changes…'}
        {preview?.problem && <span role="alert">{preview.problem}</span>}
        {preview?.found && <Effects found={preview.found} />}
        {!isLooking && !preview && 'Nobody’s own standing and no kept plan changes by it.'}
        {problem && <p role="alert">{problem}</p>}
      </div>
      <p>
        <Button variant="contained" onClick={keep} disabled={isLooking || Boolean(preview?.problem)}>
          Keep
        </Button>
        <Button variant="outlined" onClick={leave}>
          Cancel
        </Button>
      </p>
    </section>
  )
}

function Effects({ found: { standing, plans } }: { found: HousePreview }) {
  if (plans.length === 0 && standing.no.length + standing.again.length === 0)
    return 'Nobody’s own standing and no kept plan changes by it.'
  return (
    <ul>
      <Lines what="In their own standing" turned={standing} />
      {plans.map((plan) => (
        <Lines
          key={`${plan.group} ${plan.posture.id}`}
          what={`${plan.group}, ${sayPostureName(plan.posture)}`}
          turned={plan}
        />
      ))}
    </ul>
  )
}

function Lines({ what, turned: { no, again } }: { what: string; turned: Turned }) {
  return (
    <>
      {no.length > 0 && (
        <li>
          {what}, no longer “steady”: <b>{sayList(no)}</b>.
        </li>
      )}
      {again.length > 0 && (
        <li>
          {what}, “steady” again: {sayList(again)}.
        </li>
      )}
    </>
  )
}
