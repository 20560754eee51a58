'use client'

import { Astray } from '@/ui/places/Astray'

export default function Broken({ reset }: { reset: () => void }) {
  return <Astray why="broken" onAgain={reset} />
}
