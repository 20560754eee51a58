// A picture of the sources: each folder stands above what it imports, the core's folders beside it in their own order.
import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'
import { ROOT } from './steps.mjs'

const SRC = join(ROOT, 'src')
const IMPORT = /(?:from|import\()\s*'([^']+)'/g
const [WIDTH, ROW, BOX, GAP, TOP] = [1180, 78, 34, 14, 56]
const LEFT = { x: 20, width: 700 }
const RIGHT = { x: 800, width: 360 }

/** Of each source file, tests left out, the folder that it is in and those that it imports. */
function readSources(folderOf) {
  const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(
    (file) => /\.tsx?$/.test(file) && !/\.test[.-]|^testing\//.test(file),
  )
  return files.flatMap((file) => {
    const folder = folderOf(file)
    if (!folder) return []
    const text = readFileSync(join(SRC, file), 'utf8')
    const to = [...text.matchAll(IMPORT)].flatMap(([, path]) => {
      if (path.startsWith('@/'))
        return folderOf(path.slice(2).includes('/') ? path.slice(2) : `${path.slice(2)}/index`) ?? []
      return path.startsWith('.') ? (folderOf(normalize(join(dirname(file), path))) ?? []) : []
    })
    return [{ folder, to: to.filter((other) => other !== folder) }]
  })
}

function readFolders(folderOf) {
  const folders = new Map()
  for (const { folder, to } of readSources(folderOf)) {
    const one = folders.get(folder) ?? { name: folder, to: new Set() }
    for (const other of to) one.to.add(other)
    folders.set(folder, one)
  }
  // A file beside the folders is none of them.
  for (const { to } of folders.values()) for (const other of to) if (!folders.has(other)) to.delete(other)
  return [...folders.values()]
}

/** How many stand below each at the most: 0 imports nothing of ours. @throws where two import each other */
function findHeights(folders) {
  const heights = new Map()
  const of = (name, above) => {
    if (above.includes(name)) throw new Error(`folders import each other: ${[...above, name].join(' → ')}`)
    const known = heights.get(name)
    if (known !== undefined) return known
    const below = [...(folders.find((one) => one.name === name)?.to ?? [])]
    const height = Math.max(-1, ...below.map((other) => of(other, [...above, name]))) + 1
    heights.set(name, height)
    return height
  }
  for (const { name } of folders) of(name, [])
  return heights
}

function drawPart(title, folders, { x, width }, bottom) {
  const heights = findHeights(folders)
  const rows = Math.max(...heights.values())
  const places = new Map()
  for (let row = 0; row <= rows; row++) {
    const here = folders.filter(({ name }) => heights.get(name) === row).sort((a, b) => a.name.localeCompare(b.name))
    const each = Math.min(170, (width - GAP * (here.length - 1)) / here.length)
    const used = each * here.length + GAP * (here.length - 1)
    here.forEach((one, i) => {
      places.set(one.name, { x: x + (width - used) / 2 + i * (each + GAP), y: bottom - row * ROW, width: each })
    })
  }
  const boxes = folders.map(({ name }) => {
    const { x: left, y, width: wide } = places.get(name)
    return `<rect x="${left.toFixed(1)}" y="${y}" width="${wide.toFixed(1)}" height="${BOX}" rx="6"/><text x="${(left + wide / 2).toFixed(1)}" y="${y + 22}">${name}</text>`
  })
  const arrows = folders.flatMap(({ name, to }) =>
    [...to].sort().map((other) => {
      const [from, at] = [places.get(name), places.get(other)]
      const [x1, y1, x2, y2] = [from.x + from.width / 2, from.y + BOX, at.x + at.width / 2, at.y]
      const bend = (y2 - y1) / 2
      return `<path d="M${x1.toFixed(1)} ${y1}C${x1.toFixed(1)} ${y1 + bend} ${x2.toFixed(1)} ${y2 - bend} ${x2.toFixed(1)} ${y2}"/>`
    }),
  )
  const head = `<text class="t" x="${x + width / 2}" y="${TOP - 26}">${title}</text>`
  return { rows, svg: [head, ...arrows, ...boxes].join('\n') }
}

/** The picture as SVG. @throws where folders import each other */
export function drawStructure() {
  const sources = readFolders((file) => (file.includes('/') ? file.split('/')[0] : null))
  const core = readFolders((file) => {
    const [top, folder, ...more] = file.split('/')
    if (top !== 'core') return null
    return more.length > 0
      ? folder
      : ['analysis', 'assess'].some((name) => folder?.startsWith(name))
        ? 'analysis'
        : null
  })
  const rows = [sources, core].map((folders) => Math.max(...findHeights(folders).values()))
  const bottom = TOP + Math.max(...rows) * ROW
  const parts = [
    drawPart('src: each stands on what it imports', sources, LEFT, bottom),
    drawPart('src/core', core, RIGHT, bottom),
  ]
  const height = bottom + BOX + 24
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${height}" role="img" aria-label="The folders of the sources and what they import">
<style>rect{fill:#fffdf8;stroke:#2f6b5e}rect.g{fill:#faf6ee;stroke:none}path{fill:none;stroke:#b0603e;stroke-width:1.4;opacity:.5}text{font:600 13px sans-serif;text-anchor:middle;fill:#26302e}.t{font:600 15px sans-serif}</style>
<rect class="g" width="${WIDTH}" height="${height}"/>
${parts.map(({ svg }) => svg).join('\n')}
</svg>
`
}
