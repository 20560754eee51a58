import Button from '@mui/material/Button'
import { useState } from 'react'
import type { BodyUnits } from '@/records/body-units'
import { NewPersonSheet } from '@/ui/people/NewPersonSheet'
import { PageHead } from '@/ui/places/PageHead'
import { useSay } from '@/ui/words/use-words'
import styles from './bench.module.css'

/** The first page, before there is anybody: three ways to begin, in the order in which they are usually taken. */
export function NobodyYet({ units, day }: { units: BodyUnits; day: string }) {
  const t = useSay('screens.bench')
  const [open, setOpen] = useState(false)
  return (
    <main id="about" tabIndex={-1} className={styles.empty}>
      <PageHead at="/bench">
        <h1>{t('nobodyOnListYet')}</h1>
      </PageHead>
      <ol className={styles.begin}>
        <li>
          <h2>{t('yourHouse')}</h2>
          <p>{t('centimetresOrFeetWhat')}</p>
          <Button variant="outlined" href="/house">
            {t('setHouse')}
          </Button>
        </li>
        <li>
          <h2>{t('yourList')}</h2>
          <p>{t('aTableFromSpreadsheet')}</p>
          <Button variant="outlined" href="/people?bring">
            {t('bringInList')}
          </Button>
        </li>
        <li>
          <h2>{t('somebodyNew2')}</h2>
          <p>{t('fiveFieldsHalfMinute')}</p>
          <Button variant="contained" onClick={() => setOpen(true)}>
            {t('somebodyNew2')}
          </Button>
        </li>
      </ol>
      <p className={styles.aside}>
        {t('toLookAroundFirst')} <code>npm run demo</code> {t('hasInventedPeopleLantern')}
      </p>
      <NewPersonSheet
        open={open}
        onClose={() => setOpen(false)}
        units={units}
        day={day}
        action={t('putOnBench')}
        onAdded={(id) => window.location.assign(`/bench?person=${encodeURIComponent(id)}`)}
      />
    </main>
  )
}
