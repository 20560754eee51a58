import Pause from '@mui/icons-material/Pause'
import PlayArrow from '@mui/icons-material/PlayArrow'
import FastForward from '@mui/icons-material/SkipNext'
import FastRewind from '@mui/icons-material/SkipPrevious'
import Button from '@mui/material/Button'
import IconButton from '@mui/material/IconButton'
import { useShallow } from 'zustand/react/shallow'
import type { ShownPath } from '@/core'
import { listStops, spanOfPart } from '@/ui/figure/instant'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { saySeconds } from '@/words/path'
import { goTo, LOOKS, SPEEDS, setPlay, usePlay } from '../state/play'
import styles from './body.module.css'

const NAMES = { 1: 'full', 0.5: 'half', 0.25: 'quarter' } as const

/** From its beginning, where it stands at its end. */
export function togglePlaying(path: ShownPath | null): void {
  if (!path) return
  const { playing, at, loop, open } = usePlay.getState()
  const [from, until] = loop && open !== null ? spanOfPart(path, open) : [0, path.seconds]
  setPlay({ playing: !playing, ...(!playing && (at >= until - 1e-3 || at < from) && { at: from }) })
}

/** To the next phase, or the one before. */
export function goByPhase(path: ShownPath | null, by: 1 | -1): void {
  if (!path) return
  const { at } = usePlay.getState()
  const stops = listStops(path)
  const next = by > 0 ? stops.find((stop) => stop > at + 1e-3) : stops.findLast((stop) => stop < at - 1e-3)
  if (next !== undefined) goTo(next)
}

/** Play and pause, phase by phase, how fast, from where it is seen, mirrored for whoever follows it. */
export function PlayTools({ path }: { path: ShownPath | null }) {
  const say = useSay('path.play')
  // Not with the second that is looked at: that changes every frame.
  const { playing, speed, loop, look, mirrored, open } = usePlay(useShallow(({ at: _, preview: __, ...rest }) => rest))
  return (
    <div className={styles.tools} data-print="no">
      <div>
        <IconButton color="inherit" aria-label={say('back')} onClick={() => goByPhase(path, -1)}>
          <FastRewind />
        </IconButton>
        <Button
          variant="contained"
          startIcon={playing ? <Pause /> : <PlayArrow />}
          disabled={!path}
          onClick={() => togglePlaying(path)}
        >
          {say(playing ? 'pause' : 'play')}
        </Button>
        <IconButton color="inherit" aria-label={say('on')} onClick={() => goByPhase(path, 1)}>
          <FastForward />
        </IconButton>
        <Clock path={path} />
      </div>
      <p>
        {say('at')}{' '}
        <ChoiceWord
          label={say('speed')}
          value={String(speed)}
          choices={SPEEDS.map((n) => ({ value: String(n), name: say('speeds', { speed: NAMES[n] }) }))}
          onChoose={(next) => setPlay({ speed: Number(next) as typeof speed })}
          then=","
        />{' '}
        {say('seen')}{' '}
        <ChoiceWord
          label={say('look')}
          value={look}
          choices={LOOKS.map((value) => ({ value, name: say('looks', { look: value }) }))}
          onChoose={(next) => setPlay({ look: next })}
          then="."
        />
      </p>
      <div>
        <Button aria-pressed={mirrored} onClick={() => setPlay({ mirrored: !mirrored })}>
          {say('mirrored')}
        </Button>
        <Button aria-pressed={loop} onClick={() => setPlay({ loop: !loop })}>
          {say(open === null ? 'loop' : 'loopOf')}
        </Button>
      </div>
    </div>
  )
}

function Clock({ path }: { path: ShownPath | null }) {
  const words = useWords()
  const at = usePlay((play) => Math.round(play.at * 10) / 10)
  return (
    <span className={styles.clock}>
      {saySeconds(at, words)} / {saySeconds(path?.seconds ?? 0, words)}
    </span>
  )
}
