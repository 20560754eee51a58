import { inflateSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { buildPosture, makeStandingStance, mirrorStance, postureOf, resolveBody, type Stance } from '@/core'
import { ENGLISH } from '@/words/english'
import { sayLaying } from '@/words/paper'
import { cardSheets } from './cards'
import { classSheets } from './class-sheet'
import { drawStance } from './floor'
import { floorSheet } from './floor-sheet'
import { breakLines } from './flow'
import { widthOf } from './letters'
import { logSheets } from './log-sheet'
import { pathSheet } from './path-sheet'
import { toPdf } from './pdf'
import { PAPER_SIZES, type Sheet } from './sheet'
import { drawStep } from './step'
import { drawStood, stand } from './stood'
import { toSvg } from './svg'
import { cutTrueSize } from './true-size'

const body = resolveBody({ stature: 1.68, mass: 70, sex: 'female', age: 70 })
const bow = buildPosture(postureOf('bow'), body, 'therapeutic', 'left')
const MM = 72 / 25.4

type Matrix = [number, number, number, number, number, number]
const times = ([a, b, c, d, e, f]: Matrix, [p, q, r, s, t, u]: Matrix): Matrix => [
  a * p + b * r,
  a * q + b * s,
  c * p + d * r,
  c * q + d * s,
  e * p + f * r + t,
  e * q + f * s + u,
]

/** The paths of each page of a PDF, as points in millimetres of the page: x to the right, y upward. */
function readPaths(pdf: Buffer): [number, number][][][] {
  const text = pdf.toString('latin1')
  const streams = [...text.matchAll(/\/Filter \/FlateDecode\n?>>\s*stream\r?\n/g)].flatMap((match) => {
    const start = match.index + match[0].length
    try {
      return [inflateSync(pdf.subarray(start)).toString('latin1')]
    } catch {
      return []
    }
  })
  return streams.filter((one) => / re\b| m\b/.test(one) && !one.includes('beginbfchar')).map(readPage)
}

function readPage(stream: string): [number, number][][] {
  let matrix: Matrix = [1, 0, 0, 1, 0, 0]
  const kept: Matrix[] = []
  const paths: [number, number][][] = []
  let path: [number, number][] = []
  let numbers: number[] = []
  for (const token of stream.split(/\s+/)) {
    if (/^[-\d.]+$/.test(token)) {
      numbers.push(Number(token))
      continue
    }
    const at = (x: number, y: number): [number, number] => [
      (matrix[0] * x + matrix[2] * y + matrix[4]) / MM,
      (matrix[1] * x + matrix[3] * y + matrix[5]) / MM,
    ]
    if (token === 'q') kept.push(matrix)
    else if (token === 'Q') matrix = kept.pop() ?? matrix
    else if (token === 'cm') matrix = times(numbers.slice(-6) as Matrix, matrix)
    else if (token === 'm' || token === 'l') path.push(at(numbers.at(-2) as number, numbers.at(-1) as number))
    else if (token === 'c') path.push(at(numbers.at(-2) as number, numbers.at(-1) as number))
    else if (['S', 'f', 'B', 'f*', 'n', 'B*'].includes(token)) {
      if (path.length > 1) paths.push(path)
      path = []
    }
    numbers = []
  }
  return paths
}

const apart = ([a, b]: [number, number], [c, d]: [number, number]) => Math.hypot(a - c, b - d)

describe('a PDF', () => {
  it('is tagged: its language, its title, headings and words in the order of the sheet; drawn lines are no words', async () => {
    const pdf = await toPdf(
      [
        {
          width: 100,
          height: 100,
          marks: [
            { kind: 'text', x: 10, y: 20, text: 'Bow', size: 8, bold: true },
            { kind: 'text', x: 10, y: 30, text: 'Łucja steps.', size: 4 },
            { kind: 'path', d: 'M10 40L90 40', stroke: 'ink' },
          ],
        },
      ],
      'Bow, for a hall',
    )
    const text = pdf.toString('latin1')
    expect(text).toMatch(/\/Lang \(en\)/)
    expect(text).toMatch(/\/DisplayDocTitle true/)
    expect(
      [...text.matchAll(/\/Type \/StructElem\s*\/S \/(\w+)|\/S \/(H1|P)\b/g)].map((one) => one[1] ?? one[2]),
    ).toEqual(['H1', 'P'])
    expect(readPaths(pdf).flat()).toHaveLength(1)
  })
})

describe('a plan at true size, read back from its PDF', () => {
  it.each(PAPER_SIZES)('is true within 0.2 mm on %s: foot, heel to heel, and the rule on each sheet', async (size) => {
    const sheets = cutTrueSize(drawStood(stand('bow', body, bow), 1, true), 'bow', size, ENGLISH)
    const pages = readPaths(await toPdf(sheets, 'bow'))
    expect(pages).toHaveLength(sheets.length)
    const lines = pages.map((paths) => paths.flatMap(([a, b]) => (a && b ? [{ from: a, long: apart(a, b) }] : [])))
    // The rule begins with its own line; its ticks follow.
    for (const page of lines) expect(page.some(({ long }) => Math.abs(long - 100) < 0.2)).toBe(true)
    // Midlines, whole on whichever sheet draws them: what is off the sheet is in the file too.
    const mids = (lines[0] ?? []).filter(({ long }) => Math.abs(long - body.footLength * 1000) < 0.2)
    expect(mids).toHaveLength(2)
    const between = apart(mids[0]?.from ?? [0, 0], mids[1]?.from ?? [0, 0])
    const { feet } = bow
    const asked = 1000 * Math.hypot(feet.left.heel[0] - feet.right.heel[0], feet.left.heel[1] - feet.right.heel[1])
    expect(Math.abs(between - asked)).toBeLessThan(0.2)
  })

  it('leaves nothing out and overlaps: every sheet shows the next ten millimetres of its neighbour', () => {
    const drawing = drawStance(body, bow, { tape: true })
    for (const size of PAPER_SIZES) {
      const clips = cutTrueSize(drawing, '', size, ENGLISH).map(({ marks }) => {
        const [first] = marks
        return first?.kind === 'group' && first.clip ? first.clip : { x: 0, y: 0, width: 0, height: 0 }
      })
      expect(Math.min(...clips.map(({ x }) => x))).toBeLessThanOrEqual(drawing.box.left)
      expect(Math.max(...clips.map(({ x, width }) => x + width))).toBeGreaterThanOrEqual(drawing.box.right)
      expect(Math.min(...clips.map(({ y }) => y))).toBeLessThanOrEqual(drawing.box.top)
      expect(Math.max(...clips.map(({ y, height }) => y + height))).toBeGreaterThanOrEqual(drawing.box.bottom)
      const columns = [...new Set(clips.map(({ x }) => Math.round(x)))].sort((a, b) => a - b)
      for (let i = 1; i < columns.length; i++)
        expect((columns[i - 1] as number) + (clips[0]?.width ?? 0) - (columns[i] as number)).toBeCloseTo(10, 0)
    }
  })
})

describe('a step at true size', () => {
  it('shows where the feet stand before it, dotted, and where the foot lands', () => {
    const print = (foot: 'left' | 'right', x: number, y: number, part: number) =>
      ({ foot, heel: [x, y], yaw: 0, contact: 'whole', part }) as const
    const prints = [
      print('left', -0.1, 0, 0),
      print('right', 0.1, 0, 0),
      print('left', -0.1, 0.4, 1),
      print('right', 0.1, 0.8, 2),
    ]
    const { marks, box } = drawStep(body, prints, 1)
    const said = marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []))
    expect(said).toEqual(['L', 'R', 'L 2'])
    expect(marks.filter((mark) => mark.kind === 'path' && mark.fill === 'wash')).toHaveLength(1)
    const tinted = (rolls: Parameters<typeof drawStep>[3]) =>
      drawStep(body, prints, 1, rolls).marks.filter((mark) => mark.kind === 'path' && mark.stroke === 'tide').length
    expect(tinted([])).toBe(0)
    expect(tinted([{ foot: 'right', what: 'heel', leaves: true }])).toBe(1)
    // Its toes are down before it leaves again: that is another step's.
    expect(tinted([{ foot: 'right', what: 'toes', leaves: false }])).toBe(0)
    // From the heels to the toes of the foot that landed 40 cm ahead, and 4 cm about it.
    expect(box.bottom - box.top).toBeCloseTo(400 + 1000 * body.footLength + 80, 0)
  })
})

describe('words to lay a stance by', () => {
  const side: Stance = makeStandingStance(body)
  const laid: Stance = {
    ...side,
    feet: {
      left: { ...side.feet.left, heel: [0, 0.34], toeOut: 0 },
      right: { ...side.feet.right, heel: [0.29, 0], toeOut: (45 * Math.PI) / 180 },
    },
  }

  it('begin at the rear heel, in whole centimetres, toes by the clock', () => {
    expect(sayLaying(laid, body, 'cm', ENGLISH)).toEqual([
      'Lay the tape; right heel on its crossing, toes at half past 1.',
      'Left heel 34 cm ahead and 29 cm to the left, toes at 12 o’clock.',
    ])
  })

  it('in inches to the half, in feet of one’s own to the quarter', () => {
    expect(sayLaying(laid, body, 'in', ENGLISH)[1]).toContain('13.5 in ahead and 11.5 in to the left')
    expect(sayLaying(laid, body, 'feet', ENGLISH)[1]).toMatch(/1\.25 of their feet ahead/)
  })
})

describe('text on paper', () => {
  it('is broken where it would run over, as wide as the letters are, and never within a word', () => {
    const text = 'Feet under the shoulders, knees unlocked, crown up, tail heavy; hands hang beside the legs.'
    const lines = breakLines(text, 60, 4.4)
    expect(lines.join(' ')).toBe(text)
    for (const line of lines) expect(widthOf(line, 4.4)).toBeLessThanOrEqual(60)
    expect(breakLines('incomprehensibilities', 5, 4.4)).toEqual(['incomprehensibilities'])
  })

  const linesOf = (sheet: Sheet): string[] => {
    const texts: string[] = []
    const walk = (marks: Sheet['marks']) => {
      for (const mark of marks) {
        if (mark.kind === 'text') texts.push(mark.text)
        if (mark.kind === 'group') walk([...mark.marks])
      }
    }
    walk(sheet.marks)
    return texts
  }

  it('a card says who, three things to do, how many, what to feel and when to stop; sixteen are four sheets', () => {
    const card = {
      name: 'Marit',
      stances: [stand('bow', body, bow)],
      counts: 4,
      holdS: 8,
      feel: 'the crown',
      helper: true,
      orders: '50 % on the left leg at most (Dr. Venn, 3 March)',
      isUnasked: true,
    }
    const sheets = cardSheets(
      Array.from({ length: 16 }, () => card),
      'cm',
      'a4',
      ENGLISH,
    )
    expect(sheets).toHaveLength(4)
    const said = linesOf(sheets[0] as Sheet).join(' ')
    expect(said).toMatch(
      /Marit.*bow.*heel.*of the weight.*4 times on each side, held up to 8 s.*Ordered: 50 % on the left leg.*Not everything has been asked yet.*Feel for: the crown.*Only with somebody beside you.*Stop when/,
    )
  })

  it('a card asks for no side that an order forbids: mirrored it is looked at, too', () => {
    const careful = resolveBody({ ...body.person, limits: { loadMax: { left: 0.5, right: 1 } } })
    const card = { name: 'Ana', counts: 5, holdS: 5, feel: '', helper: false, orders: '', isUnasked: false }
    const saidOf = (who: typeof body, stance: typeof bow) =>
      linesOf(cardSheets([{ ...card, stances: [stand('bow', who, stance)] }], 'cm', 'a4', ENGLISH)[0] as Sheet).join(
        ' ',
      )
    expect(saidOf(body, bow)).toContain('5 times on each side')
    expect(saidOf(careful, mirrorStance(bow))).toContain('5 times on the right side only, as drawn')
    const even = { ...makeStandingStance(body), loadLeft: 0.5 }
    expect(saidOf(careful, even)).toMatch(/Aim at \d+.% on the left leg/)
  })

  it('a class sheet names everybody in their lane and in the hall, and counts chairs and helpers', () => {
    const people = ['Ana Bel', 'Cy Dun'].map((name, i) => ({ name, chair: i === 0, helper: i === 1, watch: '' }))
    const lanes = [
      { title: 'Level 1', stood: stand('bow', body, bow), people },
      { title: 'Seated', stood: null, people: [{ name: 'Eve Fox', chair: false, helper: false, watch: 'breath' }] },
    ]
    const said = classSheets({ title: 'Slack Tide: bow', lanes }, 'a4', ENGLISH).flatMap(linesOf)
    expect(said).toEqual(
      expect.arrayContaining([
        'One chair, one helper.',
        'Level 1',
        'Ana Bel · chair',
        'Cy Dun · helper',
        'Eve Fox · watch: breath',
        'Ana',
        'Cy',
        'Eve',
      ]),
    )
  })

  it('a log sheet has a line for everybody, and lines for whoever walks in', () => {
    const names = Array.from({ length: 20 }, (_, i) => `Person ${i}`)
    const sheets = logSheets('Slack Tide', names, 'a4', ENGLISH)
    const said = sheets.flatMap(linesOf)
    for (const name of names) expect(said).toContain(name)
  })

  it('an SVG is the same drawing, its text made safe', () => {
    const [sheet] = cutTrueSize(drawStance(body, bow), 'Feet <apart> & "so"', 'a4', ENGLISH)
    const svg = toSvg(sheet as Sheet, 'a < b')
    expect(svg).toContain('<title>a &lt; b</title>')
    expect(svg).toContain('Feet &lt;apart&gt; &amp; &quot;so&quot;')
    expect(svg).toMatch(/width="(210|297)mm"/)
  })

  it('as an SVG of its own size the heels are as far apart on paper as on the floor', () => {
    const standing = makeStandingStance(body)
    const svg = toSvg(floorSheet(drawStance(body, standing)), '')
    const mids = [...svg.matchAll(/d="M(-?[\d.]+) (-?[\d.]+)L(-?[\d.]+) (-?[\d.]+)"/g)].map((m) =>
      m.slice(1).map(Number),
    )
    const [left, right] = mids as [number[], number[]]
    expect((right[0] as number) - (left[0] as number)).toBeCloseTo(1000 * body.shoulderWidth, 0)
    expect((left[1] as number) - (left[3] as number)).toBeCloseTo(1000 * body.footLength, 1)
  })
})

describe('a path’s floor', () => {
  it.each([3, 14, 40])('names each of %i parts on the sheet, whatever the floor takes', (count) => {
    const parts = Array.from({ length: count }, (_, i) => `posture ${i + 1}`)
    const prints = parts.map((_, part) => ({
      foot: part % 2 === 0 ? ('left' as const) : ('right' as const),
      heel: [0, part * 0.4] as const,
      yaw: 0,
      contact: 'whole' as const,
      part,
    }))
    for (const size of PAPER_SIZES) {
      const orders = ['For Ana: no more than half of the weight on the left leg (Dr Venn, until 30 April). '.repeat(2)]
      const { height, marks } = pathSheet('Out and on', body, prints, parts, orders, size, ENGLISH)
      const texts = marks.flatMap((mark) => (mark.kind === 'text' ? [mark] : []))
      for (const [i, part] of parts.entries()) {
        const line = texts.find(({ text }) => text === `${i + 1} ${part}`)
        expect([part, line && line.y < height - 10]).toEqual([part, true])
      }
    }
  })
})

describe('names as people write them', () => {
  const sheetOf = (text: string): Sheet => ({
    width: 100,
    height: 50,
    marks: [{ kind: 'text', x: 10, y: 20, text, size: 5 }],
  })
  /** Fonts that went into the file. */
  const countFonts = async (text: string) =>
    [...(await toPdf([sheetOf(text)], '')).toString('latin1').matchAll(/\/FontFile[23]? \d+ 0 R/g)].length

  it('letters beyond the usual ones come with a font that has them', async () => {
    expect(await countFonts('Adaeze Mburu')).toBe(1)
    expect(await countFonts('Łucja Dvořák')).toBe(2)
  })
})
