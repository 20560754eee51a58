import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { screens } from './en/screens'

const SRC = join(import.meta.dirname, '..')
const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((file) => /^(features|ui|app)\/.*\.tsx?$/.test(file) && !file.includes('.test.'))
  .map((file) => ({ file, code: readFileSync(join(SRC, file), 'utf8') }))

/** Names of the program, commands and units, alike in every language. */
const NO_WORDS = ['Nivrel', 'npm run demo', 'mm²', 'mm/s', 'cm', 'kg', 'kPa']
const SHOWN = ['label', 'aria-label', 'aria-roledescription', 'title', 'placeholder', 'alt', 'verb', 'action']

/** What of a component would be read or heard as it stands there. */
function listLiteral(file: string, code: string): string[] {
  const found: string[] = []
  const look = (node: ts.Node): void => {
    const text = ts.isJsxText(node)
      ? node.text
      : ts.isJsxAttribute(node) && node.initializer && ts.isStringLiteral(node.initializer)
        ? SHOWN.includes(node.name.getText())
          ? node.initializer.text
          : ''
        : ''
    if (/\p{L}{2}/u.test(text) && !NO_WORDS.includes(text.trim())) found.push(`${file}: ${text.trim()}`)
    ts.forEachChild(node, look)
  }
  look(ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX))
  return found
}

describe('the words of the screens', () => {
  it('stand in messages, none in a component', () => {
    expect(listLiteral('x.tsx', '<p title="Somebody">Stand <b>still</b></p>')).toHaveLength(3)
    expect(
      files.filter(({ file }) => file.endsWith('.tsx')).flatMap(({ file, code }) => listLiteral(file, code)),
    ).toEqual([])
  })

  it('are said, every one of them', () => {
    for (const [group, messages] of Object.entries(screens)) {
      const here = files
        .filter(({ code }) => code.includes(`screens.${group}`))
        .map(({ code }) => code)
        .join('\n')
      for (const [key, message] of Object.entries(messages))
        if (typeof message === 'string')
          expect(here.includes(`${key}'`) || here.includes(`${key}"`), `${group} ${key}`).toBe(true)
    }
  })
})
