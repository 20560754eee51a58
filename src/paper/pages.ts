import type { Words } from '@/words/language'
import { breakLines, setText } from './flow'
import { footer, head, MARGIN } from './page'
import { type Ink, type Mark, type PaperSize, type Sheet, SIZES } from './sheet'

/** Where what is set begins under the head, and what the foot keeps for itself. */
const TOP = 33
const FOOT = 16
const LEADING = 1.28

type Set = { x?: number; size: number; bold?: boolean; ink?: Ink }

/** Sheets under one head, set from above downward; the next is begun where one is full, so that nothing is cut off. */
export class Pages {
  readonly sheets: Sheet[] = []
  readonly width: number
  readonly height: number
  /** How far down this sheet is filled. */
  y = TOP

  constructor(
    private readonly title: string,
    size: PaperSize,
    private readonly words: Words,
  ) {
    this.width = SIZES[size].width
    this.height = SIZES[size].height
    this.begin()
  }

  /** Whether something so tall still goes on this sheet. */
  has(tall: number): boolean {
    return this.y + tall <= this.height - FOOT
  }

  begin(): void {
    const { width, height } = this
    this.sheets.push({ width, height, marks: [...head(this.title, width), ...footer(height, this.words)] })
    this.y = TOP
  }

  add(...marks: readonly Mark[]): void {
    this.sheets.at(-1)?.marks.push(...marks)
  }

  /** Sets text downward; lines that do not fit any more go on the next sheet. */
  write(text: string, { x = MARGIN, size, bold = false, ink = 'ink' }: Set): void {
    for (const line of breakLines(text, this.width - MARGIN - x, size, bold)) {
      if (!this.has(size * LEADING)) this.begin()
      const set = setText(line, { x, y: this.y, width: Number.POSITIVE_INFINITY, size, bold, ink })
      this.add(...set.marks)
      this.y = set.y
    }
  }
}
