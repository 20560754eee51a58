'use client'

import Button from '@mui/material/Button'
import { LOCAL } from '@/ui/api/shelf'
import { useWords } from '@/ui/words/use-words'
import { LIGHT_KEY } from './light-script'
import { useTheme } from './use-theme'

export function LightSwitch({ className }: { className?: string }) {
  const words = useWords()
  const light = useTheme()
  const next = light === 'dark' ? 'light' : 'dark'
  const turn = () => {
    document.documentElement.dataset.theme = next
    LOCAL.write(LIGHT_KEY, next)
  }
  return (
    <Button className={className} onClick={turn}>
      {words.say(`places.${next}`)}
    </Button>
  )
}
