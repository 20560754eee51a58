import type { Words } from '@/words/language'
import { shortNames } from '@/words/people'
import { ellipse } from './ellipse'
import type { Lane } from './lane'
import { widthOf } from './letters'
import type { Mark } from './sheet'

/** Between people and between lanes, millimetres of paper. */
const ROW = 17
const HEAD = 3.2
const NAME = 3.4

export const hallHeight = (lanes: readonly Lane[], width: number): number =>
  14 + lanes.reduce((sum, { people }) => sum + Math.ceil(people.length / perRow(width)) * ROW, 0)

const perRow = (width: number): number => Math.floor(width / 26)

/** The hall from above, its front upward: lanes between lines of tape, people with the shortest names that tell them apart, chairs and helpers beside them. */
export function hallMarks(lanes: readonly Lane[], x: number, top: number, width: number, words: Words): Mark[] {
  const most = perRow(width)
  const short = shortNames(lanes.flatMap(({ people }) => people.map(({ name }) => name)))
  let said = 0
  const marks: Mark[] = [
    {
      kind: 'text',
      x: x + width / 2,
      y: top + 5,
      text: words.say('paper.class.front'),
      size: 3.6,
      ink: 'soft',
      anchor: 'middle',
    },
  ]
  let y = top + 8
  lanes.forEach(({ people }, lane) => {
    if (lane > 0) marks.push({ kind: 'path', d: `M${x} ${y}h${width}`, stroke: 'clay', width: 0.7, dash: [4, 2.5] })
    for (let from = 0; from < people.length; from += most) {
      const row = people.slice(from, from + most)
      const each = width / row.length
      row.forEach(({ name, chair, helper }, i) => {
        const at = x + each * (i + 0.5)
        const middle = y + 6
        marks.push({ kind: 'path', d: ellipse(at, middle, HEAD * 1.7, HEAD), fill: 'wash', stroke: 'ink', width: 0.4 })
        marks.push({
          kind: 'path',
          d: ellipse(at, middle, HEAD * 0.7, HEAD * 0.7),
          fill: 'paper',
          stroke: 'ink',
          width: 0.4,
        })
        if (chair) marks.push({ kind: 'path', d: `M${at + 7} ${middle - 3}h6v6h-6Z`, stroke: 'wood', width: 0.6 })
        if (helper)
          marks.push({ kind: 'path', d: ellipse(at - 9, middle, 3.4, 2.2), stroke: 'soft', width: 0.4, dash: [1, 0.8] })
        const called = short[said++] as string
        marks.push({
          kind: 'text',
          x: at,
          y: middle + 7.4,
          // What is too wide for a place is said by its first name.
          text: widthOf(called, NAME) <= each ? called : (name.split(' ')[0] as string),
          size: NAME,
          anchor: 'middle',
        })
      })
      y += ROW
    }
  })
  const low = y + 1
  marks.push({ kind: 'path', d: `M${x - 3} ${top}h${width + 6}V${low}h${-(width + 6)}Z`, stroke: 'ink', width: 0.6 })
  return marks
}
