// npm run structure: draws the folders of the sources and what they import, from the imports themselves.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { drawStructure } from './draw-structure.mjs'
import { ROOT, say } from './steps.mjs'

const FILE = 'docs/structure.svg'
writeFileSync(join(ROOT, FILE), drawStructure())
say(`${FILE} written`)
