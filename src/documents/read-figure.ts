const FIGURE = /^[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)$/

/** A figure as people write it, with a decimal comma or a point; NaN for what is none, or holds more than one figure. */
export function readFigure(text: string): number {
  const typed = text.trim().replace('−', '-')
  return FIGURE.test(typed) ? Number(typed.replace(',', '.')) : Number.NaN
}
