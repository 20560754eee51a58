import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { join } from 'node:path'
import PDFDocument from 'pdfkit'
import { COLOURS, type Mark, type Sheet } from './sheet'

const POINTS = 72 / 25.4

const WEIGHTS = { regular: 400, bold: 700 } as const
/** Letters beyond the usual ones (as in Łucja or Dvořák) are in files of their own. */
const SETS = ['latin', 'latin-ext'] as const
const fonts = new Map<string, Buffer>()

/** The product's own letters, which go into the file. */
function readFonts(): ReadonlyMap<string, Buffer> {
  const { resolve } = createRequire(join(process.cwd(), 'package.json'))
  if (fonts.size === 0)
    for (const [name, weight] of Object.entries(WEIGHTS))
      for (const set of SETS) {
        const file = `atkinson-hyperlegible-next-${set}-${weight}-normal.woff`
        fonts.set(`${name} ${set}`, readFileSync(resolve(`@fontsource/atkinson-hyperlegible-next/files/${file}`)))
      }
  return fonts
}

/** From this height of its type on, in millimetres, what is bold is a heading. */
const HEADING = 5

/** Sheets as a PDF, a page each, at true size, with the product's own fonts in it; tagged, so that its words can be heard. */
export function toPdf(sheets: readonly Sheet[], title: string, lang = 'en'): Promise<Buffer> {
  const document = new PDFDocument({
    autoFirstPage: false,
    info: { Title: title, Creator: 'Nivrel' },
    pdfVersion: '1.5',
    tagged: true,
    displayTitle: true,
    lang,
  })
  for (const [name, file] of readFonts()) document.registerFont(name, file)
  const parts: Buffer[] = []
  const done = new Promise<Buffer>((resolve, reject) => {
    document.on('data', (part: Buffer) => parts.push(part))
    document.on('end', () => resolve(Buffer.concat(parts)))
    document.on('error', reject)
  })
  for (const { width, height, marks } of sheets) {
    document.addPage({ size: [width * POINTS, height * POINTS], margin: 0 })
    document.save().scale(POINTS)
    for (const mark of marks) draw(document, mark)
    document.restore()
  }
  document.end()
  return done
}

function draw(document: PDFKit.PDFDocument, mark: Mark): void {
  if (mark.kind === 'text') {
    const tag = mark.bold && mark.size >= HEADING ? 'H1' : 'P'
    document.addStructure(document.struct(tag, {}, () => drawText(document, mark)))
  } else if (mark.kind === 'path') {
    // What is drawn is said by the words beside it.
    document.markContent('Artifact')
    drawPath(document, mark)
    document.endMarkedContent()
  } else {
    const { x, y, scale = 1, clip, marks } = mark
    document.save().translate(x, y).scale(scale)
    if (clip) document.rect(clip.x, clip.y, clip.width, clip.height).clip()
    for (const one of marks) draw(document, one)
    document.restore()
  }
}

type Path = Extract<Mark, { kind: 'path' }>
type Text = Extract<Mark, { kind: 'text' }>

function drawPath(document: PDFKit.PDFDocument, { d, stroke, width = 0.3, dash, fill }: Path): void {
  if (!stroke && !fill) return
  document.save().path(d).lineJoin('round').lineWidth(width)
  if (dash) document.dash(dash[0] ?? 1, { space: dash[1] ?? dash[0] ?? 1 })
  if (stroke && fill) document.fillAndStroke(COLOURS[fill], COLOURS[stroke])
  else if (fill) document.fill(COLOURS[fill])
  else if (stroke) document.stroke(COLOURS[stroke])
  document.restore()
}

const EXTENDED = '\\u0100-\\u0130\\u0132-\\u0151\\u0154-\\u02af\\u1e00-\\u1eff'
const RUNS = new RegExp(`[${EXTENDED}]+|[^${EXTENDED}]+`, 'g')
const IS_EXTENDED = new RegExp(`[${EXTENDED}]`)

function drawText(document: PDFKit.PDFDocument, { x, y, text, size, bold, anchor, ink = 'ink' }: Text): void {
  const runs = (text.match(RUNS) ?? []).map((run) => {
    const font = `${bold ? 'bold' : 'regular'} ${IS_EXTENDED.test(run) ? 'latin-ext' : 'latin'}`
    return { run, font, width: document.font(font).fontSize(size).widthOfString(run) }
  })
  const width = runs.reduce((sum, one) => sum + one.width, 0)
  let left = anchor === 'end' ? x - width : anchor === 'middle' ? x - width / 2 : x
  document.fillColor(COLOURS[ink])
  for (const { run, font, width: own } of runs) {
    document.font(font).text(run, left, y, { lineBreak: false, baseline: 'alphabetic' })
    left += own
  }
}
