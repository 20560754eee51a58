import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { drawStructure } from './draw-structure.mjs'
import { ROOT } from './steps.mjs'

it('the picture of the structure is that of the imports (npm run structure draws it)', () => {
  expect(readFileSync(join(ROOT, 'docs/structure.svg'), 'utf8')).toBe(drawStructure())
})
