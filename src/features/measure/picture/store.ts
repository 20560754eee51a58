import type { PhotoPoints, Vec2 } from '@/core'

/** A picture as it is kept: on this machine, in this browser, and nowhere else. */
export type KeptPicture = {
  id: string
  person: string
  on: string
  image: Blob
  points: PhotoPoints
  plumb: [Vec2, Vec2] | null
  known: { from: Vec2; to: Vec2; length: number } | null
  view: 'side' | 'front'
  facing: 'left' | 'right'
}

const NAME = 'nivrel-pictures'
const STORE = 'pictures'

const settle = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error)
  })

async function open(): Promise<IDBDatabase> {
  const request = indexedDB.open(NAME, 1)
  request.onupgradeneeded = () => request.result.createObjectStore(STORE, { keyPath: 'id' })
  return settle(request)
}

async function withStore<T>(mode: IDBTransactionMode, run: (store: IDBObjectStore) => IDBRequest<T>): Promise<T> {
  const database = await open()
  try {
    return await settle(run(database.transaction(STORE, mode).objectStore(STORE)))
  } finally {
    database.close()
  }
}

export const keepPicture = (picture: KeptPicture) => withStore('readwrite', (store) => store.put(picture))

export const deletePicture = (id: string) => withStore('readwrite', (store) => store.delete(id))

/** Pictures of somebody, the newest first. */
export const listPictures = async (person: string): Promise<KeptPicture[]> =>
  (await withStore<KeptPicture[]>('readonly', (store) => store.getAll()))
    .filter((one) => one.person === person)
    .sort((a, b) => b.on.localeCompare(a.on))
