import { FOOT_OUTLINE, type Footing, layOnFloor, SIDES, type Vec2 } from '@/core'
import { midline } from '@/draw/footprint'

const AROUND_MM = 60
const GRID_MM = 100

/** The floor as an SVG whose millimetres are millimetres: feet, a grid of 10 cm, the centre, what the hands are on. */
export function drawTrueScale(footing: Footing, title: string): string {
  const { feet, stance, centre } = footing
  const outlines = SIDES.map((side) => ({ side, ring: layOnFloor(feet[side], FOOT_OUTLINE) }))
  const points = [...outlines.flatMap(({ ring }) => ring), ...stance.supports.map(({ at }): Vec2 => [at[0], at[1]])]
  const xs = points.map(([x]) => x * 1000)
  const ys = points.map(([, y]) => -y * 1000)
  const left = Math.floor((Math.min(...xs) - AROUND_MM) / GRID_MM) * GRID_MM
  const top = Math.floor((Math.min(...ys) - AROUND_MM) / GRID_MM) * GRID_MM
  const width = Math.ceil((Math.max(...xs) + AROUND_MM - left) / GRID_MM) * GRID_MM
  const height = Math.ceil((Math.max(...ys) + AROUND_MM - top) / GRID_MM) * GRID_MM
  const place = ([x, y]: Vec2) => `${(x * 1000).toFixed(1)} ${(-y * 1000).toFixed(1)}`
  const grid = [
    ...Array.from({ length: width / GRID_MM + 1 }, (_, i) => `M${left + i * GRID_MM} ${top}v${height}`),
    ...Array.from({ length: height / GRID_MM + 1 }, (_, i) => `M${left} ${top + i * GRID_MM}h${width}`),
  ].join('')
  const feetPaths = outlines.map(({ side, ring }) => {
    const air = feet[side].contact === 'air'
    const line = `M${place(midline(feet[side], 0))}L${place(midline(feet[side], 1))}`
    const dash = air ? ' stroke-dasharray="6 5"' : ''
    return `<path d="M${ring.map(place).join('L')}Z" fill="none" stroke="#1b2826" stroke-width="1.5"${dash}/><path d="${line}" stroke="#1b2826" stroke-width="0.5"/>`
  })
  const hands = stance.supports.map(({ at }) => {
    const [x, y] = place([at[0], at[1]]).split(' ')
    return `<circle cx="${x}" cy="${y}" r="15" fill="none" stroke="#8a7351" stroke-width="2"/>`
  })
  const [cx, cy] = place(centre).split(' ')
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="${left} ${top} ${width} ${height}">`,
    `<title>${escapeText(title)}</title>`,
    `<path d="${grid}" fill="none" stroke="#d8ceb8" stroke-width="0.4"/>`,
    ...feetPaths,
    ...hands,
    `<circle cx="${cx}" cy="${cy}" r="5" fill="#ab4319"/>`,
    `<text x="${left + 6}" y="${top + height - 6}" font-family="sans-serif" font-size="12" fill="#52605b">squares of 10 cm; print at 100 %</text>`,
    '</svg>',
  ].join('\n')
}

const escapeText = (text: string): string =>
  text.replace(/[&<>]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[c] ?? c)
