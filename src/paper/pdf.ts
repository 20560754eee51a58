import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { join } from 'node:path'
import PDFDocument from 'pdfkit'
import { COLOURS, type Mark, type Sheet } from './sheet'

const POINTS = 72 / 25.4

type Fonts = { regular: Buffer; bold: Buffer }
let fonts: Fonts | null = null

/** The product's own letters, which go into the file. */
function readFonts(): Fonts {
  const { resolve } = createRequire(join(process.cwd(), 'package.json'))
  const of = (weight: 400 | 700) =>
    readFileSync(
      resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`),
    )
  fonts ??= { regular: of(400), bold: of(700) }
  return fonts
}

/** Sheets as a PDF, a page each, at true size, with the product's own fonts in it. */
export function toPdf(sheets: readonly Sheet[], title: string): Promise<Buffer> {
  const { regular, bold } = readFonts()
  const document = new PDFDocument({ autoFirstPage: false, info: { Title: title, Creator: 'Nivrel' } })
  document.registerFont('regular', regular)
  document.registerFont('bold', bold)
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
  if (mark.kind === 'text') drawText(document, mark)
  else if (mark.kind === 'path') drawPath(document, mark)
  else {
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

function drawText(document: PDFKit.PDFDocument, { x, y, text, size, bold, anchor, ink = 'ink' }: Text): void {
  document.font(bold ? 'bold' : 'regular').fontSize(size)
  const width = document.widthOfString(text)
  const left = anchor === 'end' ? x - width : anchor === 'middle' ? x - width / 2 : x
  document.fillColor(COLOURS[ink]).text(text, left, y, { lineBreak: false, baseline: 'alphabetic' })
}
