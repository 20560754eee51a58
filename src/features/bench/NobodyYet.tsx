import Button from '@mui/material/Button'
import { useState } from 'react'
import { NewPersonSheet } from '@/ui/people/NewPersonSheet'
import { PageHead } from '@/ui/places/PageHead'
import styles from './bench.module.css'

/** A bench before there is anybody to put on it. */
export function NobodyYet() {
  const [open, setOpen] = useState(false)
  return (
    <main className={styles.empty}>
      <PageHead at="/">
        <h1>Nobody is on the list yet.</h1>
      </PageHead>
      <p>
        Start with the people of Lantern Quay (<code>npm run demo</code>), or with somebody of your own.
      </p>
      <Button variant="contained" onClick={() => setOpen(true)}>
        Somebody new
      </Button>
      <NewPersonSheet open={open} onClose={() => setOpen(false)} onAdded={() => window.location.reload()} />
    </main>
  )
}
