'use client'

import { PUSHING_KINDS, type Side, type SupportKind } from '@/core'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { changeSupport, setSupport, supportOf } from '../state/edits'
import { beginDrag, endDrag, setStance, useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

const NOTHING = 'nothing'

const KINDS: { value: SupportKind | typeof NOTHING; name: string; detail?: string }[] = [
  { value: NOTHING, name: 'nothing' },
  { value: 'touch', name: 'a light touch', detail: 'steadies by what it lets them feel; counted as 2 %' },
  { value: 'chair-back', name: 'a chair back' },
  { value: 'walker', name: 'a walker' },
  { value: 'bar', name: 'a bar' },
  { value: 'wall', name: 'a wall', detail: 'pushes them away from itself' },
  { value: 'pole', name: 'a pole' },
  { value: 'helper', name: 'a helper' },
]

/** What a hand is on, how high, how much it may take, and which way a wall or helper pushes. */
export function HandWords({ hand, view }: { hand: Side; view: OnBenchView }) {
  const support = useBench((state) => supportOf(state.stance, hand))
  const shoulder = view.analysis?.pose.joints[`${hand}Shoulder`] ?? [hand === 'left' ? -0.2 : 0.2, 0.1, 1.3]
  const name = `${hand[0]?.toUpperCase()}${hand.slice(1)}`
  const change = (next: Parameters<typeof changeSupport>[2]) => setStance((s) => changeSupport(s, hand, next))
  const pushes = support && (PUSHING_KINDS as readonly string[]).includes(support.kind)
  return (
    <>
      {name} hand on{' '}
      <ChoiceWord
        label={`${name} hand on`}
        value={support?.kind ?? NOTHING}
        choices={KINDS}
        onChoose={(kind) => setStance((s) => setSupport(s, hand, kind === NOTHING ? null : kind, shoulder))}
      />
      {support && (
        <>
          {' '}
          at{' '}
          <NumberWord
            label={`Height of the ${hand} hand`}
            value={support.at[2] * 100}
            unit="cm"
            step={1}
            min={30}
            max={200}
            onChange={(cm) => change({ at: [support.at[0], support.at[1], cm / 100] })}
            {...drag}
          />
          , taking at most{' '}
          <NumberWord
            label={`Load on the ${hand} hand`}
            value={support.maxLoadPct ?? 10}
            unit="%"
            step={1}
            min={0}
            max={45}
            onChange={(maxLoadPct) => change({ maxLoadPct })}
            {...drag}
          />
          {pushes && (
            <>
              , pushing toward{' '}
              <NumberWord
                label={`Push at the ${hand} hand`}
                value={support.towardDeg ?? 0}
                unit="°"
                step={5}
                min={-180}
                max={180}
                onChange={(towardDeg) => change({ towardDeg })}
                {...drag}
              />
            </>
          )}
        </>
      )}
      .{' '}
    </>
  )
}
