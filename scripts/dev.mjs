// npm run dev: the development server, on the same database as the demo.
import { bin, bundleSearch, forDemo, install, prepare, run } from './steps.mjs'

install()
await bundleSearch()
forDemo()
prepare('--demo')
process.exit(run(bin('next'), ['dev', '-H', '127.0.0.1', '-p', '4170']).status ?? 0)
