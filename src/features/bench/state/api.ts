import type { PostureDocument } from '@/documents/posture-document'
import type { BenchOfPerson, KeptStance, NamedPerson, OnBench } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import { ask } from '@/ui/api/ask'

export const fetchNames = () => ask<NamedPerson[]>('/api/bench', 'GET')

export const fetchBench = (personId: string) => ask<BenchOfPerson>(`/api/bench/${personId}`, 'GET')

export const keepStance = (personId: string, on: OnBench & { name: string; note: string }) =>
  ask<KeptStance>(`/api/bench/${personId}/kept`, 'POST', on)

export const takeAwayKept = (id: string) => ask<KeptStance>(`/api/kept/${id}`, 'DELETE', {})

export const rewordKept = (id: string, named: { name: string; note: string }) =>
  ask<null>(`/api/kept/${id}`, 'PATCH', named)

export const addPosture = (posture: PostureDocument) => ask<OwnPosture>('/api/library', 'POST', posture)
