import { NextRequest } from 'next/server'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { config, proxy } from './proxy'

const ask = (path: string, { host = '127.0.0.1:4170', ...headers }: Record<string, string> = {}, method = 'GET') =>
  proxy(new NextRequest(`http://${host}${path}`, { method, headers: { host, ...headers } }))

afterEach(() => void vi.unstubAllEnvs())

describe('what stands before every answer', () => {
  it('lets a page load only what ships with the application, with a nonce of its own each time', () => {
    const [one, other] = [ask('/people'), ask('/people')].map(
      (answer) => answer.headers.get('content-security-policy') ?? '',
    )
    expect(one).toMatch(/default-src 'self'/)
    expect(one).toMatch(/frame-ancestors 'none'/)
    const nonce = (policy = '') => /'nonce-([0-9a-f]{32})'/.exec(policy)?.[1]
    expect(nonce(one)).toBeTruthy()
    expect(nonce(one)).not.toBe(nonce(other))
    expect(one).not.toMatch(/https?:|unsafe-eval/)
  })

  it('stands before everything but what the build left, the mark among it', () => {
    const [matcher = ''] = config.matcher
    const stands = (path: string) => new RegExp(`^${matcher}$`).test(path)
    expect(['/', '/people', '/api/people', '/mark.svg'].map(stands)).toEqual([true, true, true, true])
    expect(stands('/_next/static/media/a.woff2')).toBe(false)
    expect(ask('/mark.svg').headers.get('x-content-type-options')).toBe('nosniff')
  })

  it('tells whoever answers which language an address asks for, and lets nobody else say so', () => {
    const told = (path: string, headers = {}) => ask(path, headers).headers.get('x-middleware-request-x-language')
    expect(told('/people?lang=en')).toBe('en')
    expect([told('/people'), told('/people?lang=elvish'), told('/people', { 'x-language': 'en' })]).toEqual([
      null,
      null,
      null,
    ])
  })

  it('answers under this machine’s own names; under others only where it was opened to others on purpose', async () => {
    for (const host of ['127.0.0.1:4170', 'localhost:4170', '[::1]:4170']) expect(ask('/', { host }).status).toBe(200)
    const refused = ask('/', { host: 'clinic.example:4170' })
    expect(refused.status).toBe(403)
    expect((await refused.json()).error).toMatchObject({ field: 'request', value: 'for another host' })
    vi.stubEnv('NIVREL_HOST', '127.0.0.1')
    expect(ask('/', { host: 'clinic.example:4170' }).status).toBe(403)
    vi.stubEnv('NIVREL_HOST', '0.0.0.0')
    expect(ask('/', { host: 'clinic.example:4170' }).status).toBe(200)
  })

  it('refuses a write from another site before it reaches anything; a read, and a program’s write, it lets through', () => {
    const elsewhere = { 'sec-fetch-site': 'cross-site', origin: 'http://elsewhere.example' }
    expect(ask('/api/people', elsewhere, 'POST').status).toBe(403)
    expect(ask('/api/people', { origin: 'http://127.0.0.1:9999' }, 'DELETE').status).toBe(403)
    expect(ask('/people', elsewhere).status).toBe(200)
    expect(ask('/api/people', {}, 'POST').status).toBe(200)
    expect(ask('/api/people', { origin: 'http://127.0.0.1:4170', 'sec-fetch-site': 'same-origin' }, 'PUT').status).toBe(
      200,
    )
  })

  it('an address that cannot be read is the asker’s mistake, and every refusal is private and never framed', () => {
    const answer = ask('/people/%E0%A4%A')
    expect(answer.status).toBe(400)
    expect(answer.headers.get('cache-control')).toBe('no-store')
    expect(answer.headers.get('x-frame-options')).toBe('DENY')
    expect(answer.headers.get('content-security-policy')).toBe("default-src 'none'; frame-ancestors 'none'")
  })
})
