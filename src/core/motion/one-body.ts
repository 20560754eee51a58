import type { Body } from '../body/body'

/** Tells, body after body, whether one is still the body before: itself, or one that says the same. */
export function followBody(): (body: Body) => boolean {
  let last: { body: Body; said: string } | null = null
  return (body) => {
    if (last?.body === body) return true
    const said = JSON.stringify(body)
    const isSame = last?.said === said
    last = { body, said }
    return isSame
  }
}
