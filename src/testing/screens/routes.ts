type Found<T> = { load: () => Promise<T>; params: Record<string, string> }

/** Which file of the application answers at a path: /people/marit-quill is answered by people/[id]. */
export function findRoute<T>(files: Record<string, () => Promise<T>>, name: string, path: string): Found<T> {
  const asked = path.split('/').filter(Boolean)
  const candidates = Object.entries(files).flatMap(([file, load]): Found<T>[] => {
    const folders = file.slice('../../app/'.length, -name.length).split('/').filter(Boolean)
    if (folders.length !== asked.length) return []
    const params: Record<string, string> = {}
    const fits = folders.every((folder, i) => {
      const part = asked[i] as string
      if (!folder.startsWith('[')) return folder === part
      params[folder.slice(1, -1)] = decodeURIComponent(part)
      return true
    })
    return fits ? [{ load, params }] : []
  })
  // A folder's own name goes before a place for any name.
  const found = candidates.toSorted((a, b) => Object.keys(a.params).length - Object.keys(b.params).length)[0]
  if (!found) throw new Error(`nothing of the application is at ${path}`)
  return found
}
