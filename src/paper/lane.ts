import type { WayIn } from '@/core'
import type { Stood } from './stood'

/** Those who do the same, and how. */
export type Lane = {
  title: string
  stood: Stood | null
  people: readonly {
    name: string
    chair: boolean
    helper: boolean
    watch: string
    wayIn?: WayIn | null
    orders?: string
  }[]
}
