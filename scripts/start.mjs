// npm start: everything from a fresh clone to a running Nivrel with one's own people, none at first.
import { serve } from './serve.mjs'

await serve('npm start', { demo: false })
