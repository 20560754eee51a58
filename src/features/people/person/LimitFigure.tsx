'use client'

import type { JointName, LimitPlace, Pose, Vec3 } from '@/core'
import { rowOf } from '@/documents/limit-fields'
import type { Binding } from '@/records/binding'
import type { OwnStanding } from '@/records/standing'
import { FlatFigure } from '@/ui/figure/FlatFigure'
import { FROM_FRONT, see, viewFrom } from '@/ui/figure/view'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayBindingShort } from '@/words/limits'
import styles from './person.module.css'

const WIDTH = 330
const HEIGHT = 470
const FLOOR = 30
const SIDE = 104

type Callout = { key: string; text: string; at: Vec3; right: boolean }

/** The body from the front in its own standing, each limit written at the joint that it binds. */
export function LimitFigure({ standing, bindings }: { standing: OwnStanding; bindings: readonly Binding[] }) {
  const t = useSay('screens.people')
  const words = useWords()

  const { analysis } = standing
  if (!analysis) return null
  const { pose } = analysis
  const scale = (HEIGHT - FLOOR - 14) / (pose.joints.vertex[2] + 0.06)
  const view = viewFrom(FROM_FRONT)
  const middle = see(view, pose.joints.pelvis)[0]
  const toPixels = (at: Vec3) => {
    const [x, z] = see(view, at)
    return { x: WIDTH / 2 + (x - middle) * scale, y: HEIGHT - FLOOR - z * scale }
  }
  const callouts = spread(
    bindings.flatMap((binding) => placeBinding(binding, pose, words)).map((one) => ({ ...one, ...toPixels(one.at) })),
  )
  return (
    <div className={styles.limitFigure} style={{ width: WIDTH, height: HEIGHT }}>
      <FlatFigure
        analysis={analysis}
        view={view}
        label={t('standingFromFrontWith')}
        width={WIDTH}
        height={HEIGHT}
        scale={scale}
        middle={middle}
        withoutKnees
      />
      <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
        {callouts.map(({ key, x, y, right, labelY }) => (
          <path
            key={key}
            d={`M${x} ${y}L${right ? WIDTH - SIDE : SIDE} ${labelY + 8}`}
            stroke="var(--clay)"
            strokeWidth="1.3"
            fill="none"
          />
        ))}
      </svg>
      {callouts.map(({ key, text, right, labelY }) => (
        <span
          key={key}
          className={styles.callout}
          style={{ top: labelY, width: SIDE - 6, ...(right ? { right: 0 } : { left: 0 }) }}
          data-right={right}
        >
          {text}
        </span>
      ))}
    </div>
  )
}

const JOINTS: Partial<Record<LimitPlace, 'Knee' | 'Hip' | 'Ankle' | 'Shoulder' | 'Heel'>> = {
  knee: 'Knee',
  hip: 'Hip',
  ankle: 'Ankle',
  shoulder: 'Shoulder',
  foot: 'Heel',
}

/** From the front their left is on the picture's right. */
function placeBinding(binding: Binding, pose: Pose, words: Words): Callout[] {
  const { at } = rowOf(binding.what)
  const joint = JOINTS[at]
  const side = binding.side ?? 'right'
  const key = `${binding.what} ${binding.side}`
  if (joint) {
    const place = pose.joints[`${side}${joint}` as JointName]
    return [{ key, text: sayBindingShort(binding, words), at: place, right: side === 'left' }]
  }
  if (at === 'trunk') return [{ key, text: sayBindingShort(binding, words), at: pose.joints.suprasternal, right: true }]
  return []
}

const LINE = 18
const PER_LINE = 12
const GAP = 6

type Placed = Callout & { x: number; y: number; labelY: number }

/** Labels of one side pushed apart, down and then up from the foot of the picture, so that none lies on another. */
function spread(callouts: (Callout & { x: number; y: number })[]): Placed[] {
  return [true, false].flatMap((right) => {
    let free = 0
    const placed = callouts
      .filter((one) => one.right === right)
      .sort((a, b) => a.y - b.y)
      .map((one) => {
        const tall = countLines(one.text) * LINE + GAP
        const labelY = Math.max(free, one.y - 10)
        free = labelY + tall
        return { ...one, labelY, tall }
      })
    let foot = HEIGHT
    for (const one of placed.toReversed()) {
      one.labelY = Math.min(one.labelY, foot - one.tall)
      foot = one.labelY
    }
    return placed
  })
}

function countLines(text: string): number {
  let lines = 1
  let filled = 0
  for (const { length } of text.split(' ')) {
    const isNew = filled > 0 && filled + 1 + length > PER_LINE
    if (isNew) lines += 1
    filled = isNew || filled === 0 ? length : filled + 1 + length
  }
  return lines
}
