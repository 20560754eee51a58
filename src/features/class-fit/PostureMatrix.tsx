'use client'

import ButtonBase from '@mui/material/ButtonBase'
import Tooltip from '@mui/material/Tooltip'
import { useMemo } from 'react'
import { type Analysis, readAsTaught, type SchoolId, type Side } from '@/core'
import type { Posture } from '@/documents/posture-document'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useWords } from '@/ui/words/use-words'
import { Judged, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayPostureName } from '@/words/postures'
import { restsOnEstimate, sayReason } from '@/words/reasons'
import styles from './class-fit.module.css'
import { compareDemand, type Demand, rateDemand } from './demand'
import type { Member } from './member'

type PostureMatrixProps = {
  members: readonly Member[]
  postures: readonly Posture[]
  school: SchoolId
  side: Side
  onOpen: (posture: string) => void
}

/**
 * Everybody against every posture as taught: who has most against them comes first; the postures go from the least
 * demanding to the most.
 */
export function PostureMatrix({ members, postures, school, side, onOpen }: PostureMatrixProps) {
  const words = useWords()
  const { rows, columns } = useMemo(() => read(members, postures, school, side), [members, postures, school, side])
  return (
    <div className={styles.matrix}>
      <table>
        <thead>
          <tr>
            <td />
            {columns.map(({ posture }) => (
              <th key={posture.id} scope="col">
                <ButtonBase onClick={() => onOpen(posture.id)}>{sayPostureName(posture, words)}</ButtonBase>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ member, cells }) => (
            <tr key={member.id}>
              <th scope="row">{member.short}</th>
              {columns.map(({ posture, at }) => {
                const analysis = cells[at] ?? null
                const verdict = analysis?.verdict ?? 'beyond'
                return (
                  <td key={posture.id}>
                    <Tooltip
                      describeChild
                      title={`${member.name}, ${sayPostureName(posture, words)}: ${sayReason(analysis, words)}`}
                    >
                      <ButtonBase
                        onClick={() => onOpen(posture.id)}
                        aria-label={`${member.name}, ${sayPostureName(posture, words)}: ${verdictWordsIn(words)[verdict].toLowerCase()}`}
                      >
                        <Judged
                          verdict={verdict}
                          size={15}
                          estimated={analysis !== null && restsOnEstimate(analysis)}
                        />
                        {analysis && (
                          <span className={styles.cellVial}>
                            <SmallVial margins={analysis.margins.usable} reserve={analysis.reserve} />
                          </span>
                        )}
                      </ButtonBase>
                    </Tooltip>
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

type Row = { member: Member; cells: (Analysis | null)[] }

function read(members: readonly Member[], postures: readonly Posture[], school: SchoolId, side: Side) {
  const rows: Row[] = members.map((member) => ({
    member,
    cells: postures.map((posture) =>
      readAsTaught(member.body, posture.measures[school], { posture: posture.id, side, keeps: posture.keeps }),
    ),
  }))
  const against = ({ cells }: Row) => rateDemand(cells).weight
  const demands = postures.map((_, at) => rateDemand(rows.map(({ cells }) => cells[at] ?? null)))
  return {
    rows: rows.toSorted((a, b) => against(b) - against(a)),
    columns: postures
      .map((posture, at) => ({ posture, at }))
      .toSorted((a, b) => compareDemand(demands[a.at] as Demand, demands[b.at] as Demand)),
  }
}
