import Button from '@mui/material/Button'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'

type OvertakenSheetProps = {
  open: boolean
  /** What was saved in two places, as a sentence goes on: "somebody else kept …". */
  what: string
  onTheirs: () => void
  onMine: () => void
}

/** Saved in two places: the second is told, and chooses which stays. */
export function OvertakenSheet({ open, what, onTheirs, onMine }: OvertakenSheetProps) {
  return (
    <Sheet title="Saved in two places" open={open}>
      <p>Meanwhile somebody else saved {what}. Yours is not saved yet.</p>
      <div className={sheet.actions}>
        <Button variant="outlined" onClick={onTheirs}>
          Open theirs
        </Button>
        <Button variant="contained" onClick={onMine}>
          Go on with mine
        </Button>
      </div>
    </Sheet>
  )
}
