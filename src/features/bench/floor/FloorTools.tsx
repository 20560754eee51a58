'use client'

import Button from '@mui/material/Button'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { useSay } from '@/ui/words/use-words'
import { LENGTH_UNITS, UNIT_NAMES } from '@/words/units'
import { changeFloorView, fitFloor, useFloorView } from '../state/floor-view'
import styles from './floor-tools.module.css'

/** What is shown on the floor besides the stance, and how lengths are said. */
export function FloorTools() {
  const t = useSay('screens.bench')
  const { rose, tips, lines, unit } = useFloorView()
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  return (
    <div className={styles.tools}>
      <Button aria-pressed={rose} onClick={() => changeFloorView({ rose: !rose })}>
        {t('rose')}
      </Button>
      <Button aria-pressed={tips} onClick={() => changeFloorView({ tips: !tips })}>
        {t('tipTest')}
      </Button>
      <Button aria-pressed={lines} onClick={() => changeFloorView({ lines: !lines })}>
        {t('tapeLines')}
      </Button>
      <Button onClick={fitFloor}>{t('fit')}</Button>
      <Button
        aria-label={t('inUnitUnitLengths', { unit })}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {t('inUnit', { unit })}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {LENGTH_UNITS.map((one) => (
          <MenuItem
            key={one}
            role="menuitemradio"
            aria-checked={one === unit}
            selected={one === unit}
            onClick={() => {
              changeFloorView({ unit: one })
              setAnchor(null)
            }}
          >
            {UNIT_NAMES[one]}
          </MenuItem>
        ))}
      </Menu>
    </div>
  )
}
