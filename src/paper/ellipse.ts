/** How far the handles of a quarter reach, of its radius. */
const CIRCLE = 0.5523

/** An ellipse of four curves, as a path. */
export function ellipse(x: number, y: number, rx: number, ry: number): string {
  const [kx, ky] = [rx * CIRCLE, ry * CIRCLE]
  const p = (...n: number[]) => n.map((one) => one.toFixed(2)).join(' ')
  return `M${p(x - rx, y)}C${p(x - rx, y - ky, x - kx, y - ry, x, y - ry)}C${p(x + kx, y - ry, x + rx, y - ky, x + rx, y)}C${p(x + rx, y + ky, x + kx, y + ry, x, y + ry)}C${p(x - kx, y + ry, x - rx, y + ky, x - rx, y)}Z`
}
