import type { PersonDocument } from '@/formats/person-document'
import type { BenchOfPerson, BenchPerson, KeptStance, OnBench } from '@/server/bench'

/** What the server said was wrong, in its own words. */
export class RefusedError extends Error {}

async function ask<T>(path: string, method: string, value?: unknown): Promise<T> {
  const response = await fetch(path, {
    method,
    // A draft that is on its way when the page is left still arrives.
    keepalive: method === 'PUT',
    ...(value !== undefined && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(value) }),
  })
  if (response.ok) return response.json()
  if (response.status !== 400) throw new RefusedError('The server did not answer as it should; nothing was changed.')
  const { error } = (await response.json()) as { error: { field: string; accepts: string } }
  throw new RefusedError(`${error.field}: accepted is ${error.accepts}`)
}

export const fetchBench = (personId: string) => ask<BenchOfPerson>(`/api/bench/${personId}`, 'GET')

export const saveDraft = (personId: string, on: OnBench) => ask<null>(`/api/bench/${personId}/draft`, 'PUT', on)

export const keepStance = (personId: string, on: OnBench & { name: string; note: string }) =>
  ask<KeptStance>(`/api/bench/${personId}/kept`, 'POST', on)

export const takeAwayKept = (id: string) => ask<KeptStance>(`/api/kept/${id}`, 'DELETE', {})

export const rewordKept = (id: string, words: { name: string; note: string }) =>
  ask<null>(`/api/kept/${id}`, 'PATCH', words)

export const addPerson = (person: { name: string; story: string; document: PersonDocument }) =>
  ask<BenchPerson>('/api/people', 'POST', person)
