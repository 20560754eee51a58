'use client'

import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import type { ReactNode } from 'react'
import { useSay } from '@/ui/words/use-words'
import styles from './sheet.module.css'

type SheetProps = { title: string; open: boolean; onClose?: () => void; children: ReactNode; wide?: boolean }

/** A sheet of paper laid over the page: Escape or a press beside it puts it away, unless it wants an answer. */
export function Sheet({ title, open, onClose, children, wide }: SheetProps) {
  const t = useSay('screens.ui')
  return (
    <Dialog
      open={open}
      onClose={onClose}
      transitionDuration={0}
      maxWidth={wide ? 'lg' : 'sm'}
      fullWidth
      slotProps={{ paper: { className: styles.sheet, 'aria-label': title }, backdrop: { className: styles.behind } }}
    >
      <header>
        <h2>{title}</h2>
        {onClose && <Button onClick={onClose}>{t('close')}</Button>}
      </header>
      {children}
    </Dialog>
  )
}
