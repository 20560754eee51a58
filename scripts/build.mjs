// npm run build: the production build, where the sources have changed since the last one.
import { build, install } from './steps.mjs'

install()
await build()
