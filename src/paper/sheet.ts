/** A sheet of paper: millimetres, x to the right and y down from its upper left corner. */
export type Sheet = { width: number; height: number; marks: Mark[] }

/** What a mark is for; paper, screen and grey each have their own colour for it. */
export type Ink = 'ink' | 'soft' | 'line' | 'tide' | 'wash' | 'clay' | 'wood' | 'paper'

export type Mark =
  | {
      kind: 'path'
      /** As SVG writes a path, in the millimetres of the frame that it lies in. */
      d: string
      stroke?: Ink
      width?: number
      dash?: readonly number[]
      fill?: Ink
    }
  | {
      kind: 'text'
      x: number
      /** Of the line that letters stand on. */
      y: number
      text: string
      /** Height of the type, millimetres. */
      size: number
      bold?: boolean
      anchor?: 'start' | 'middle' | 'end'
      ink?: Ink
    }
  | {
      kind: 'group'
      /** Where its origin lies, and how large a millimetre of it is. */
      x: number
      y: number
      scale?: number
      /** What is shown of it, in its own frame; all, where none is given. */
      clip?: { x: number; y: number; width: number; height: number }
      marks: readonly Mark[]
    }

export const SIZES = {
  a4: { width: 210, height: 297 },
  letter: { width: 215.9, height: 279.4 },
} as const
export type PaperSize = keyof typeof SIZES
export const PAPER_SIZES = Object.keys(SIZES) as PaperSize[]

/** Colours on paper, and the grey that each prints as: dark where it carries, so that both read. */
export const COLOURS: Record<Ink, string> = {
  ink: '#1b2826',
  soft: '#52605b',
  line: '#b9ad92',
  tide: '#176554',
  wash: '#d3e3d9',
  clay: '#ab4319',
  wood: '#8a7351',
  paper: '#ffffff',
}
