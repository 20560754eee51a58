import ButtonBase from '@mui/material/ButtonBase'
import Menu from '@mui/material/Menu'
import MenuItem from '@mui/material/MenuItem'
import { useState } from 'react'
import { useSay } from '@/ui/words/use-words'
import words from '@/ui/words/words.module.css'

/** A group that somebody is in: pressed, it leads to its class; leaving it is a word of its own. */
export function GroupWord({ id, name, onLeave }: { id: string; name: string; onLeave: () => void }) {
  const t = useSay('screens.people')
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = () => setAnchor(null)
  return (
    <>
      <ButtonBase
        className={words.word}
        aria-haspopup="menu"
        aria-label={t('groupName', { name })}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {name}
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        <MenuItem component="a" href={`/class?group=${encodeURIComponent(id)}`}>
          {t('nameInClassFit', { name })}
        </MenuItem>
        <MenuItem
          onClick={() => {
            close()
            onLeave()
          }}
        >
          {t('leaveName', { name })}
        </MenuItem>
      </Menu>
    </>
  )
}
