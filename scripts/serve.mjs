// What starting has in common, with demo data or with one's own: from a fresh clone to a running Nivrel.
import { spawn } from 'node:child_process'
import { createServer } from 'node:net'
import { parseArgs } from 'node:util'
import { bin, build, ENV, install, prepare, ROOT, say, stop } from './steps.mjs'

const PATIENCE_MS = 90_000
const LOOK_EVERY_MS = 100

/** Starts the server: with demo data, which can be started over; or with one's own, which cannot. */
export async function serve(name, { demo }) {
  // This machine alone, unless told otherwise; an IPv6 address may come in brackets.
  const host = (process.env.NIVREL_HOST || '127.0.0.1').replace(/^\[(.*)\]$/, '$1')
  const { fresh, port } = readOptions(name, demo)
  await checkPort(host, port, name)
  install()
  say(fresh ? 'Starting over…' : 'Opening the database…')
  // First: where another Nivrel runs on it, nothing is built under that one.
  prepare(...(demo ? ['--demo'] : []), ...(fresh ? ['--fresh'] : []))
  await build()
  say('Starting…')
  const server = spawn(bin('next'), ['start', '-H', host, '-p', String(port)], {
    cwd: ROOT,
    env: { ...ENV, NIVREL_HOST: host, NIVREL_STARTED: String(process.pid) },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  let leaving = false
  server.on('exit', (code) => {
    // Leaving the program makes what was deleted really gone.
    if (leaving || code === 0) prepare()
    process.exit(leaving ? 0 : (code ?? 1))
  })
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
    process.on(signal, () => {
      leaving = true
      server.kill(signal === 'SIGHUP' ? 'SIGTERM' : signal)
    })
  }
  const address = `http://${host.includes(':') ? `[${host}]` : host}:${port}`
  if (!(await answers(address))) {
    server.kill('SIGKILL')
    stop(`the server did not answer at ${address} within ${PATIENCE_MS / 1000} seconds, and was ended`)
  }
  say(`\n  Nivrel is at ${address}\n\n  Ctrl+C ends it. What you change is kept${demo ? '; --fresh starts over' : ''}.`)
}

function readOptions(name, demo) {
  let options
  try {
    const port = { type: 'string', default: '4170' }
    options = parseArgs({ options: demo ? { fresh: { type: 'boolean' }, port } : { port } }).values
  } catch (error) {
    stop(`${error.message}. ${name} takes ${demo ? '--fresh and ' : ''}--port N`)
  }
  const port = Number(options.port)
  if (!(Number.isInteger(port) && port > 0 && port < 65536))
    stop(`--port ${options.port}: a port from 1 to 65535 is needed`)
  return { fresh: options.fresh ?? false, port }
}

function checkPort(host, port, name) {
  return new Promise((resolve) => {
    const probe = createServer()
    probe.once('error', (error) => {
      if (error.code === 'EADDRINUSE')
        stop(`port ${port} is in use; choose another with: ${name} -- --port ${port + 1}`)
      stop(`NIVREL_HOST ${host} with port ${port} cannot be used (${error.code}); it takes an address of this machine`)
    })
    probe.listen(port, host, () => probe.close(resolve))
  })
}

async function answers(address) {
  for (let waited = 0; waited < PATIENCE_MS; waited += LOOK_EVERY_MS) {
    try {
      // Any address of this machine answers under its own name.
      await fetch(`${address.replace('0.0.0.0', '127.0.0.1').replace('[::]', '[::1]')}/api/v1/ready`)
      return true
    } catch {
      await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY_MS))
    }
  }
  return false
}
