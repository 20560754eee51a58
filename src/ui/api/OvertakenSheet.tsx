import Button from '@mui/material/Button'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'
import { useSay } from '@/ui/words/use-words'

type OvertakenSheetProps = {
  open: boolean
  /** What was saved in two places, as a sentence goes on: "somebody else kept …". */
  what: string
  onTheirs: () => void
  onMine: () => void
}

/** Saved in two places: the second is told, and chooses which stays. */
export function OvertakenSheet({ open, what, onTheirs, onMine }: OvertakenSheetProps) {
  const t = useSay('screens.ui')
  return (
    <Sheet title={t('savedInTwoPlaces')} open={open}>
      <p>{t('meanwhileSomebodyElseSaved', { what })}</p>
      <div className={sheet.actions}>
        <Button variant="outlined" onClick={onTheirs}>
          {t('openTheirs')}
        </Button>
        <Button variant="contained" onClick={onMine}>
          {t('goOnWithMine')}
        </Button>
      </div>
    </Sheet>
  )
}
