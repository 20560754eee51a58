// npm run demo: everything from a fresh clone to a running Nivrel with demo data.
import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { parseArgs } from 'node:util'
import { bin, build, ENV, install, prepare, ROOT, say, stop } from './steps.mjs'

// This machine alone, unless told otherwise.
const HOST = process.env.NIVREL_HOST ?? '127.0.0.1'

let options
try {
  options = parseArgs({ options: { fresh: { type: 'boolean' }, port: { type: 'string', default: '4170' } } }).values
} catch (error) {
  stop(`${error.message}. It takes --fresh and --port N`)
}
const port = Number(options.port)
if (!(Number.isInteger(port) && port > 0 && port < 65536))
  stop(`--port ${options.port}: a port from 1 to 65535 is needed`)

await checkPort()
install()
build()
say(options.fresh ? 'Starting over with the demo data…' : 'Opening the database…')
prepare('--demo', ...(options.fresh ? ['--fresh'] : []))
say('Starting…')
const server = spawn(bin('next'), ['start', '-H', HOST, '-p', String(port)], {
  cwd: ROOT,
  env: ENV,
  stdio: ['ignore', 'ignore', 'inherit'],
})
server.on('exit', (code) => {
  // Leaving the program makes what was deleted really gone.
  prepare()
  process.exit(code ?? 0)
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
await waitUntilItAnswers()
say(`\n  Nivrel is at http://${HOST}:${port}\n\n  Ctrl+C ends it. What you change is kept; --fresh starts over.`)

function checkPort() {
  return new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', (error) => {
      const reason = error.code === 'EADDRINUSE' ? 'is in use' : `cannot be used (${error.code})`
      stop(`port ${port} ${reason}; choose another with: npm run demo -- --port ${port + 1}`)
    })
    probe.listen(port, HOST, () => probe.close(resolve))
  })
}

async function waitUntilItAnswers() {
  for (let i = 0; i < 300; i++) {
    try {
      await fetch(`http://${HOST}:${port}/api/v1/ready`)
      return
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100))
    }
  }
  stop('the server did not answer within 30 seconds')
}
