import { create } from 'zustand'
import type { Posture } from '@/documents/posture-document'
import { mergeLibrary } from '@/documents/posture-document'

/** The postures that can be put on the bench: as shipped, and as the instructor changed or added them. */
export const useLibrary = create<{ postures: readonly Posture[] }>(() => ({ postures: mergeLibrary([]) }))

export const setLibrary = (postures: readonly Posture[]): void => useLibrary.setState({ postures })

/** A posture by its id; one that was taken out of the library since is the first. */
export const findPosture = (id: string): Posture => {
  const { postures } = useLibrary.getState()
  return postures.find((posture) => posture.id === id) ?? (postures[0] as Posture)
}
