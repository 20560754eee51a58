// npm run demo: everything from a fresh clone to a running Nivrel with demo data.
import { serve } from './serve.mjs'

await serve('npm run demo', '--demo')
