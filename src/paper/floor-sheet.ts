import type { Drawing } from './floor'
import type { Sheet } from './sheet'

/** A drawing of the floor as one sheet of its own size: what a plotter or a wide roll takes. */
export const floorSheet = ({ marks, box: { left, top, right, bottom } }: Drawing): Sheet => ({
  width: Math.ceil(right - left),
  height: Math.ceil(bottom - top),
  marks: [{ kind: 'group', x: -left, y: -top, marks }],
})
