import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'

/** What a hall does not say, and what it does. */
const OLD: [old: RegExp, say: string][] = [
  [/\b(is|are|was) beyond\b/i, 'not like this'],
  [/"name": "(Holds|Close|Beyond)"/, 'steady, nearly, not like this'],
  [/every way holds/i, 'every move is steady'],
  [/\b(is|are) a fall\b/i, 'the foot lands heavy'],
  [/can be taken back/i, 'can step back out'],
  [/by estimate alone/i, 'not tested yet'],
  [/limits that bind/i, 'limits that count here'],
  [/\bnearest (safer )?variant/i, 'smallest change'],
  [/\b(take|taken) away\b/i, 'remove'],
  [/\bput away\b/i, 'archive'],
  [/\bleave it"/i, 'cancel'],
  [/\btear off\b/i, 'split'],
  [/"Dim"|'Dim'/, 'dark'],
]

const listFiles = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((one) =>
    one.isDirectory() ? listFiles(join(folder, one.name)) : [join(folder, one.name)],
  )

/** What a file says: of a component without what is only for its readers. */
const said = (file: string): string =>
  readFileSync(file, 'utf8')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/^\s*\/\/.*$/gm, '')

const FILES = ['src/words/en', 'src/features', 'src/ui']
  .flatMap(listFiles)
  .filter((file) => /\.(json|tsx)$/.test(file) && !/test\.tsx$/.test(file))

it.each(OLD)('%s is nowhere on a screen: %s', (old) => {
  const lines = FILES.flatMap((file) =>
    said(file)
      .split('\n')
      .filter((line) => old.test(line))
      .map((line) => `${file}: ${line.trim()}`),
  )
  expect(lines).toEqual([])
})
