import { addDays } from '@/documents/days'
import type { Aim, LessonDocument } from '@/documents/lesson-document'
import type { Lesson } from '@/keeping/lessons'
import type { Group } from '@/records/groups'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { NumberWord } from '@/ui/words/NumberWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayDay } from '@/words/lessons'
import { beginDrag, editLesson, endDrag } from './state/store'
import { listAims } from './strip/PieceSentence'

const DAYS_AHEAD = 28

/** Opens the lesson of a group and a day. */
export const goTo = (group: string, day: string) =>
  window.location.assign(`/lesson?group=${encodeURIComponent(group)}&day=${day}`)

type LessonSentenceProps = {
  groups: readonly Group[]
  group: Group
  day: string
  today: string
  lessons: readonly Lesson[]
  lesson: LessonDocument
}

/** Which group, on which day, how long, and what is worked at. */
export function LessonSentence({ lesson, groups, group, day, today, lessons }: LessonSentenceProps) {
  const t = useSay('screens.lesson')
  const say = useSay('lesson')
  const words = useWords()
  const planned = lessons.filter((one) => one.group === group.id).map((one) => one.day)
  const coming = Array.from({ length: DAYS_AHEAD }, (_, i) => addDays(today, i))
  const days = [...new Set([...planned, day, ...coming])].sort()
  const isKept = (on: string) => planned.includes(on)
  return (
    <h1>
      <ChoiceWord
        label={say('sentence.group')}
        value={group.id}
        choices={groups.map(({ id, name }) => ({ value: id, name }))}
        onChoose={(id) => goTo(id, day)}
      />{' '}
      {say('sentence.on')}{' '}
      <ChoiceWord
        label={say('sentence.day')}
        value={day}
        choices={days.map((on) => ({
          value: on,
          name: sayDay(on, words, today.slice(0, 4)),
          ...(isKept(on) && { detail: say('tools.what') }),
        }))}
        onChoose={(on) => goTo(group.id, on)}
        then=","
      />{' '}
      <NumberWord
        label={say('sentence.minutes')}
        value={lesson.minutes}
        unit={t('minutes')}
        step={5}
        min={10}
        max={180}
        onChange={(minutes) => editLesson((now) => ({ ...now, minutes }))}
        onDragStart={beginDrag}
        onDragEnd={endDrag}
      />
      {': '}
      <ChoiceWord
        label={say('sentence.aim')}
        value={lesson.aim ?? 'even'}
        choices={listAims(words)}
        onChoose={(aim: Aim) => editLesson((now) => ({ ...now, aim }))}
        then="."
      />
    </h1>
  )
}
