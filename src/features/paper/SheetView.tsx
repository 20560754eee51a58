import { COLOURS, type Mark, type Sheet } from '@/paper/sheet'
import styles from './paper.module.css'

/** A sheet as it prints: the marks that go into the PDF, drawn on the screen. */
export function SheetView({ sheet: { width, height, marks }, id }: { sheet: Sheet; id: string }) {
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className={styles.sheet} style={{ aspectRatio: width / height }}>
      <Marks marks={marks} id={id} />
    </svg>
  )
}

function Marks({ marks, id }: { marks: readonly Mark[]; id: string }) {
  // biome-ignore lint/suspicious/noArrayIndexKey: a drawing is what it is, in its order
  return marks.map((mark, i) => <Drawn key={i} mark={mark} id={`${id}-${i}`} />)
}

function Drawn({ mark, id }: { mark: Mark; id: string }) {
  if (mark.kind === 'path') {
    const { d, stroke, width, dash, fill } = mark
    return (
      <path
        d={d}
        fill={fill ? COLOURS[fill] : 'none'}
        stroke={stroke && COLOURS[stroke]}
        strokeWidth={width ?? 0.3}
        strokeDasharray={dash?.join(' ')}
        strokeLinejoin="round"
      />
    )
  }
  if (mark.kind === 'text') {
    const { x, y, text, size, bold, anchor, ink = 'ink' } = mark
    return (
      <text x={x} y={y} fontSize={size} fontWeight={bold ? 700 : 400} textAnchor={anchor} fill={COLOURS[ink]}>
        {text}
      </text>
    )
  }
  const { x, y, scale = 1, clip, marks } = mark
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      {clip && (
        <clipPath id={id}>
          <rect {...clip} />
        </clipPath>
      )}
      <g clipPath={clip && `url(#${id})`}>
        <Marks marks={marks} id={id} />
      </g>
    </g>
  )
}
