// npm run demo: everything from a fresh clone to a running Nivrel with demo data.
import { serve } from './serve.mjs'
import { forDemo } from './steps.mjs'

forDemo()
await serve('npm run demo', { demo: true })
