import { type Body, type PhotoPoints, type PhotoSetting, readPhotoCentre, tryAnalyse } from '@/core'
import type { Done } from '@/teaching/practice/doing'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayCentimetres } from '@/words/figures'
import { sayPostureName } from '@/words/postures'
import styles from '../measure.module.css'

type PictureCentreProps = { points: PhotoPoints; setting: PhotoSetting; body: Body; done: Done }

/** Where the picture puts the centre fore and aft, what that leaves, and whether the split says the same. */
export function PictureCentre({ points, setting, body, done: { stance, posture } }: PictureCentreProps) {
  const say = useSay('measure.picture.centre')
  const words = useWords()
  const read = readPhotoCentre(points, setting, body, stance)
  if (!read) return null
  const { pastHeel, ahead, behind } = read
  const analysis = tryAnalyse(body, stance)
  const computed = analysis && analysis.pose.centre[1] - analysis.pose.feet[setting.facing].hy
  const computedSd = analysis?.centreSd[1] ?? 0
  const off = computed === null ? 0 : Math.abs(computed - pastHeel.value)
  const passed = ahead.value < 0 ? 'ahead' : behind.value < 0 ? 'behind' : null
  const past = passed === 'ahead' ? ahead : behind
  return (
    <section className={styles.centre}>
      <p>
        {say('is', { ahead: sayCentimetres(pastHeel.value, words), sd: sayCentimetres(pastHeel.sd, words) })}{' '}
        {passed
          ? say('passed', { way: passed, by: sayCentimetres(-past.value, words), sd: sayCentimetres(past.sd, words) })
          : say('leaves', {
              front: sayCentimetres(ahead.value, words),
              frontSd: sayCentimetres(ahead.sd, words),
              rear: sayCentimetres(behind.value, words),
              rearSd: sayCentimetres(behind.sd, words),
            })}
      </p>
      {computed !== null && (
        <p>
          {say('against', {
            ahead: sayCentimetres(computed, words),
            sd: sayCentimetres(computedSd, words),
            off: sayCentimetres(off, words),
          })}{' '}
          {say(off <= 2 * Math.hypot(pastHeel.sd, computedSd) ? 'agrees' : 'differs')}
        </p>
      )}
      <p>
        <small>
          {say('wide')} {say('feet', { posture: sayPostureName(posture, words) })}
        </small>
      </p>
    </section>
  )
}
