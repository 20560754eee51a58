import type { ReactNode } from 'react'
import { Form, type Read } from '@/ui/forms/Form'
import styles from './measure.module.css'

type FiguresProps = { verb: string; onEnter: (read: Read) => void; children: ReactNode }

/** Figures that are typed, in one line. */
export function Figures({ verb, onEnter, children }: FiguresProps) {
  return (
    <Form className={styles.figures} verb={verb} onEnter={onEnter}>
      {children}
    </Form>
  )
}
