import Table from '@mui/material/Table'
import TableBody from '@mui/material/TableBody'
import TableCell from '@mui/material/TableCell'
import TableHead from '@mui/material/TableHead'
import TableRow from '@mui/material/TableRow'
import { useWords } from '@/ui/words/use-words'

type FiguresProps = {
  title: string
  columns: readonly string[]
  rows: readonly { day: string; cells: readonly string[] }[]
}

/** What a chart shows, day by day, for whoever does not see it. */
export const Figures = ({ title, columns, rows }: FiguresProps) => {
  const words = useWords()
  return (
    <div className="for-ears">
      <Table size="small" aria-label={title}>
        <TableHead>
          <TableRow>
            <TableCell>{words.say('practice.charts.day')}</TableCell>
            {columns.map((column) => (
              <TableCell key={column}>{column}</TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(({ day, cells }) => (
            <TableRow key={day}>
              <TableCell component="th" scope="row">
                {words.day(day)}
              </TableCell>
              {cells.map((cell, i) => (
                <TableCell key={columns[i]}>{cell}</TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </div>
  )
}
