import Button from '@mui/material/Button'
import { useState } from 'react'
import type { BodyUnits } from '@/records/body-units'
import { NewPersonSheet } from '@/ui/people/NewPersonSheet'
import { PageHead } from '@/ui/places/PageHead'
import styles from './bench.module.css'

/** The first page, before there is anybody: three ways to begin, in the order in which they are usually taken. */
export function NobodyYet({ units, day }: { units: BodyUnits; day: string }) {
  const [open, setOpen] = useState(false)
  return (
    <main id="about" tabIndex={-1} className={styles.empty}>
      <PageHead at="/bench">
        <h1>Nobody is on the list yet. Three ways to begin:</h1>
      </PageHead>
      <ol className={styles.begin}>
        <li>
          <h2>Your house</h2>
          <p>
            Centimetres or feet, what a bad day lowers, the reserves that you teach with. All of it has a default, so it
            can wait.
          </p>
          <Button variant="outlined" href="/house">
            Set the house
          </Button>
        </li>
        <li>
          <h2>Your list</h2>
          <p>
            A table from a spreadsheet: a name, a height and a mass for each are enough. Each row may have its own
            units, and nothing comes in unseen.
          </p>
          <Button variant="outlined" href="/people?bring">
            Bring in a list
          </Button>
        </li>
        <li>
          <h2>Somebody new</h2>
          <p>Five fields and half a minute; then they stand here in a bow, and you see what is near the edge.</p>
          <Button variant="contained" onClick={() => setOpen(true)}>
            Somebody new
          </Button>
        </li>
      </ol>
      <p className={styles.aside}>
        To look around first: <code>npm run demo</code> has the invented people of Lantern Quay, in a file of its own.
        What you enter stays on this machine.
      </p>
      <NewPersonSheet
        open={open}
        onClose={() => setOpen(false)}
        units={units}
        day={day}
        action="Put on the bench"
        onAdded={(id) => window.location.assign(`/bench?person=${encodeURIComponent(id)}`)}
      />
    </main>
  )
}
