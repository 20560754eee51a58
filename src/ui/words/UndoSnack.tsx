import Button from '@mui/material/Button'
import Snackbar from '@mui/material/Snackbar'

type UndoSnackProps = { open: boolean; message: string; action: string; onUndo: () => void }

/** Says what was done, with the way back beside it; it stays until something else is done. */
export function UndoSnack({ open, message, action, onUndo }: UndoSnackProps) {
  return (
    <Snackbar
      open={open}
      message={message}
      transitionDuration={0}
      action={
        <Button color="inherit" onClick={onUndo}>
          {action}
        </Button>
      }
    />
  )
}
