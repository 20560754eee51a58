'use client'

import { PUSHING_KINDS, type Side, type SupportKind } from '@/core'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { Spoken } from '@/ui/words/Spoken'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { changeSupport, setSupport, supportOf } from '../state/edits'
import { beginDrag, endDrag, setStance, useBench } from '../state/store'
import type { OnBenchView } from '../state/use-analysis'

const drag = { onDragStart: beginDrag, onDragEnd: endDrag }

const NOTHING = 'nothing'

const kindsIn = (words: Words): { value: SupportKind | typeof NOTHING; name: string; detail?: string }[] => [
  { value: NOTHING, name: words.say('screens.bench.nothing') },
  {
    value: 'touch',
    name: words.say('screens.bench.aLightTouch'),
    detail: words.say('screens.bench.steadiesByWhatLets'),
  },
  { value: 'chair-back', name: words.say('screens.bench.aChairBack') },
  { value: 'walker', name: words.say('screens.bench.aWalker') },
  { value: 'bar', name: words.say('screens.bench.aBar') },
  { value: 'wall', name: words.say('screens.bench.aWall'), detail: words.say('screens.bench.pushesThemAwayFrom') },
  { value: 'pole', name: words.say('screens.bench.aPole') },
  { value: 'helper', name: words.say('screens.bench.aHelper') },
]

/** What a hand is on, how high, how much it may take, and which way a wall or helper pushes. */
export function HandWords({ hand, view }: { hand: Side; view: OnBenchView }) {
  const t = useSay('screens.bench')
  const words = useWords()
  const support = useBench((state) => supportOf(state.stance, hand))
  const shoulder = view.analysis?.pose.joints[`${hand}Shoulder`] ?? [hand === 'left' ? -0.2 : 0.2, 0.1, 1.3]
  const change = (next: Parameters<typeof changeSupport>[2]) => setStance((s) => changeSupport(s, hand, next))
  const pushes = support && (PUSHING_KINDS as readonly string[]).includes(support.kind)
  return (
    <>
      <Spoken
        of="screens.bench.sentence.hand"
        values={{ hand, held: String(support !== undefined), pushes: String(pushes === true) }}
        parts={{
          kind: (
            <ChoiceWord
              label={t('handOn', { hand })}
              value={support?.kind ?? NOTHING}
              choices={kindsIn(words)}
              onChoose={(kind) => setStance((s) => setSupport(s, hand, kind === NOTHING ? null : kind, shoulder))}
            />
          ),
          height: support && (
            <NumberWord
              label={t('heightHandHand', { hand })}
              value={support.at[2] * 100}
              unit="cm"
              step={1}
              min={30}
              max={200}
              onChange={(cm) => change({ at: [support.at[0], support.at[1], cm / 100] })}
              {...drag}
            />
          ),
          load: support && (
            <NumberWord
              label={t('loadOnHandHand', { hand })}
              value={support.maxLoadPct ?? 10}
              unit="%"
              step={1}
              min={0}
              max={45}
              onChange={(maxLoadPct) => change({ maxLoadPct })}
              {...drag}
            />
          ),
          toward: support && (
            <NumberWord
              label={t('pushAtHandHand', { hand })}
              value={support.towardDeg ?? 0}
              unit="°"
              step={5}
              min={-180}
              max={180}
              onChange={(towardDeg) => change({ towardDeg })}
              {...drag}
            />
          ),
        }}
      />{' '}
    </>
  )
}
