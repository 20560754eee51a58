import { useEffect } from 'react'
import { saveDraft } from './api'
import { useBench } from './store'

const REST = 250

/** Saves what is on the bench shortly after it rests, and at once when the page is left: leaving loses nothing. */
export function useDraft(): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null
    const save = () => {
      if (timer === null) return
      clearTimeout(timer)
      timer = null
      const { person, posture, school, stance } = useBench.getState()
      // An unsaved draft stays on the bench; the next change tries again.
      if (person.id) saveDraft(person.id, { posture, school, stance }).catch(() => {})
    }
    const stop = useBench.subscribe((now, before) => {
      if (now.person !== before.person) {
        if (timer !== null) clearTimeout(timer)
        timer = null
      } else if (now.stance !== before.stance) {
        if (timer !== null) clearTimeout(timer)
        timer = setTimeout(save, REST)
      }
    })
    window.addEventListener('pagehide', save)
    return () => {
      save()
      stop()
      window.removeEventListener('pagehide', save)
    }
  }, [])
}
