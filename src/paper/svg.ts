import { COLOURS, type Mark, type Sheet } from './sheet'

const escapeText = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c)

let clips = 0

function toMarkup(mark: Mark): string {
  if (mark.kind === 'path') {
    const { d, stroke, width = 0.3, dash, fill } = mark
    return `<path d="${d}" fill="${fill ? COLOURS[fill] : 'none'}"${
      stroke ? ` stroke="${COLOURS[stroke]}" stroke-width="${width}" stroke-linejoin="round"` : ''
    }${dash ? ` stroke-dasharray="${dash.join(' ')}"` : ''}/>`
  }
  if (mark.kind === 'text') {
    const { x, y, text, size, bold, anchor = 'start', ink = 'ink' } = mark
    return `<text x="${x}" y="${y}" font-size="${size}" text-anchor="${anchor}" fill="${COLOURS[ink]}"${
      bold ? ' font-weight="700"' : ''
    }>${escapeText(text)}</text>`
  }
  const { x, y, scale = 1, clip, marks } = mark
  const id = clip && `clip-${++clips}`
  return [
    `<g transform="translate(${x} ${y}) scale(${scale})">`,
    clip &&
      `<clipPath id="${id}"><rect x="${clip.x}" y="${clip.y}" width="${clip.width}" height="${clip.height}"/></clipPath>`,
    `<g${id ? ` clip-path="url(#${id})"` : ''}>`,
    ...marks.map(toMarkup),
    '</g></g>',
  ]
    .filter(Boolean)
    .join('')
}

/** A sheet as an SVG whose millimetres are millimetres. */
export const toSvg = ({ width, height, marks }: Sheet, title: string): string =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible Next', sans-serif">`,
    `<title>${escapeText(title)}</title>`,
    `<rect width="${width}" height="${height}" fill="${COLOURS.paper}"/>`,
    ...marks.map(toMarkup),
    '</svg>',
  ].join('\n')
