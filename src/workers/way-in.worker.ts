import { expose } from 'comlink'
import { type Choices, type Person, readWayIn, resolveBody, type Stance, tryAnalyse, type WayIn } from '@/core'

const api = {
  read: (person: Person, stance: Stance, choices: Choices): WayIn | null => {
    const body = resolveBody(person)
    const analysis = tryAnalyse(body, stance)
    return analysis && readWayIn(body, stance, analysis.legs, choices)
  },
}

export type WayInApi = typeof api

expose(api)
