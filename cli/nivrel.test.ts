import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { beforeAll, describe, expect, it } from 'vitest'
import { calcSplit, putInOrder, type ReadingOf } from '@/core'
import { analyseDocument } from '@/documents/analyse-document'
import { readReadings } from '@/documents/readings/text'
import { IN_DOCUMENTS } from '@/words/documents'
import { bundle } from '../scripts/steps.mjs'

const ROOT = fileURLToPath(new URL('..', import.meta.url))
const WORKED = readFileSync(`${ROOT}src/documents/worked/stances.ndjson`, 'utf8').trim().split('\n')

/** The command line in one file: it starts ten times as fast, and is the same program. */
let program = ''
beforeAll(async () => {
  program = await bundle(`import './cli/nivrel'`, 'command-line.mjs')
})

const nivrel = (args: string[], input = '') =>
  spawnSync(process.execPath, [program, ...args], { cwd: ROOT, input, encoding: 'utf8' })

describe('the command line', () => {
  it('analyses a file and standard input alike, in full precision', () => {
    const first = WORKED[0] as string
    const { stdout, status } = nivrel(['analyze', '-'], first)
    expect(status).toBe(0)
    expect(JSON.parse(stdout)).toEqual(JSON.parse(JSON.stringify(analyseDocument(JSON.parse(first), IN_DOCUMENTS))))
  })

  it('says of a stance how one comes to it, where that is asked: what holds, what is too wide to step into', () => {
    const foot = (x: number, y: number) => ({ heel: [x, y] })
    const line = (left: [number, number], right: [number, number]) =>
      JSON.stringify({
        format: 'nivrel.stance/1',
        person: { statureM: 1.65, massKg: 68, ageYears: 60 },
        stance: { feet: { left: foot(...left), right: foot(...right) }, height: { kneeFlexionDeg: 25 } },
      })
    const lines = [line([-0.16, 0.1], [0.16, 0]), line([-0.34, 0], [0.34, 0])]
    const { stdout } = nivrel(['analyze', '--ndjson', '--way-in', '-'], lines.join('\n'))
    const [near, wide] = stdout
      .trim()
      .split('\n')
      .map((one) => JSON.parse(one))
    expect([near.verdict, near.wayIn.verdict, near.wayIn.from]).toEqual(['holds', 'holds', 'parallel'])
    expect(wide.verdict).toBe('holds')
    expect(wide.wayIn.verdict).toBe('beyond')
    expect(JSON.parse(nivrel(['analyze', '-'], lines[0]).stdout)).not.toHaveProperty('wayIn')
  })

  it('says what somebody can do of the library, by a person or a stance; what is not known is refused', () => {
    const person = JSON.stringify({
      format: 'nivrel.person/1',
      name: 'Ana Tidewell',
      body: { statureM: 1.62, massKg: 68, ageYears: 60 },
      limits: [{ what: 'loadMaxPct', side: 'left', value: 50, source: { kind: 'clinician' }, on: '2026-01-10' }],
    })
    const asked = ['repertoire', '-', '--posture', 'bow', '--way-in']
    const { format, school, rows } = JSON.parse(nivrel(asked, person).stdout)
    expect([format, school]).toEqual(['nivrel.repertoire/1', 'therapeutic'])
    expect(rows.map((row: { side: string }) => row.side)).toEqual(['left', 'right'])
    expect(rows[0]).toMatchObject({ posture: 'bow', reason: { code: 'load.limit' } })
    expect(rows[1]).toMatchObject({ form: 'as-taught', verdict: 'holds', changes: [], reason: null })
    for (const { stance, wayIn, form } of rows) {
      expect(['less', 'other-side', 'other-use', 'as-taught']).toContain(form)
      expect(stance.loadLeftPct).toBeLessThanOrEqual(50)
      expect(wayIn.from).toBe('parallel')
    }
    expect(nivrel(['repertoire', '-', '--posture', 'bwo'], person)).toMatchObject({ status: 1 })
    expect(nivrel(['repertoire', '-', '--school', 'x'], WORKED[0]).stderr).toMatch(/^school: .*therapeutic/)
  })

  it('answers line for line, in order; a bad line is answered in its place; blank lines are skipped', () => {
    const deep = `{"format": "nivrel.stance/1", "x": ${'['.repeat(50_000)}${']'.repeat(50_000)}}`
    const lines = [`\uFEFF${WORKED[3]}`, '', '{"format": 1}', 'not json', deep, WORKED[9], '  ']
    const { stdout, status } = nivrel(['analyze', '--ndjson', '-'], lines.join('\n'))
    expect(status).toBe(0)
    const answers = stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line))
    expect(answers.map((a) => a.verdict ?? a.error.field)).toEqual([
      JSON.parse(readFileSync(`${ROOT}src/documents/worked/analyses.ndjson`, 'utf8').split('\n')[3] as string).verdict,
      'format',
      'document',
      'document',
      'holds',
    ])
    expect(answers[1].error).toMatchObject({ field: 'format', value: 1, accepts: '"nivrel.stance/1"' })
  })

  it('offers safer variants that hold, at most as many as asked for', () => {
    const { stdout, status } = nivrel(['variants', '-', '--most', '1'], WORKED[33] as string)
    expect(status).toBe(0)
    const { format, original, variants } = JSON.parse(stdout)
    expect([format, original.format, variants.length]).toEqual(['nivrel.variants/1', 'nivrel.stance/1', 1])
    expect(analyseDocument(variants[0].stance, IN_DOCUMENTS).verdict).toBe('holds')
    expect(variants[0].changes[0]).toMatchObject({ what: expect.any(String), buys: expect.any(String) })
  })

  it('fits a class: levels that everybody assigned to them holds, in the order of the people', () => {
    const person = (name: string, more: object) => ({
      name,
      person: { statureM: 1.65, massKg: 68, ageYears: 66, oneLegStandS: 12, ...more },
    })
    const request = {
      format: 'nivrel.fit-request/1',
      people: [
        person('Ana', {}),
        person('Bo', { limits: { left: { kneeFlexionMaxDeg: 25 } } }),
        person('Cy', { limits: { loadMaxPct: { left: 0 } } }),
      ],
      posture: 'golden-rooster',
      school: 'therapeutic',
      side: 'right',
      levels: 2,
    }
    const { stdout, status } = nivrel(['fit', '-'], JSON.stringify(request))
    expect(status).toBe(0)
    const { format, levels, people, unfitted } = JSON.parse(stdout)
    expect(format).toBe('nivrel.fit/1')
    expect(levels[0]).toMatchObject({ title: 'As taught', change: 0, people: expect.arrayContaining(['Ana', 'Bo']) })
    expect(people.map(({ name, kind }: { name: string; kind: string }) => [name, kind])).toEqual([
      ['Ana', 'level'],
      ['Bo', 'level'],
      ['Cy', 'own'],
    ])
    // The leg that may carry nothing is in the air on the other side.
    expect(people[2].stance).toMatchObject({ side: 'left', feet: { left: { contact: 'air' } } })
    expect(unfitted).toBe(1)
    const ana = { format: 'nivrel.stance/1', person: request.people[0]?.person, stance: people[0].stance }
    const { verdict, margins } = analyseDocument(ana, IN_DOCUMENTS)
    expect([verdict, margins.assuredM]).toEqual(['holds', people[0].assuredM])
    const bad = nivrel(['fit', '-'], JSON.stringify({ ...request, posture: 'swan' }))
    expect([bad.status, bad.stderr.split(':')[0]]).toEqual([1, 'posture'])
    const heavy = { ...request, people: [person('Ana', { massKg: 900 })] }
    expect(nivrel(['fit', '-'], JSON.stringify(heavy)).stderr).toMatch(/^people\.0\.person\.massKg: 900 /)
  })

  it('works a routine out for a person, also for another than its own', () => {
    const routine = {
      person: { statureM: 1.62, massKg: 68 },
      parts: [{ posture: 'parallel' }, { posture: 'bow', anchor: 'right' }],
    }
    const own = nivrel(['path', '-', '--samples', '4'], JSON.stringify(routine))
    expect(own.status).toBe(0)
    const { format, transitions } = JSON.parse(own.stdout)
    expect([format, transitions[0].phases[0].samples.length]).toEqual(['nivrel.path/1', 5])
    const bad = nivrel(
      ['path', '-'],
      JSON.stringify({ ...routine, parts: [{ posture: 'parallel' }, { posture: 'bow', seconds: -1 }] }),
    )
    expect([bad.status, bad.stderr]).toEqual([1, 'parts.1.seconds: -1 is not accepted; a number from 0.5 to 120 s\n'])
    expect(nivrel(['path', '-', '--samples', '1'], '{}').status).toBe(2)
  })

  it('says in one line what is wrong: 1 for bad input, 2 for wrong use', () => {
    const bad = nivrel(['analyze', '-'], (WORKED[0] as string).replace('"massKg": 77', '"massKg": 7'))
    expect(bad.status).toBe(1)
    expect(bad.stderr).toBe('person.massKg: 7 is not accepted; a number from 25 to 250 kg\n')
    expect(bad.stdout).toBe('')
    for (const args of [
      [],
      ['analyse', '-'],
      ['analyze'],
      ['analyze', '-', 'more'],
      ['constructor', '-'],
      ['__proto__', '-'],
      ['variants', '-', '--most', 'x'],
      ['analyze', '-', '--lang', 'elvish'],
    ]) {
      const { status, stderr } = nivrel(args)
      expect([status, stderr.trim().split('\n').length], args.join(' ')).toEqual([2, 1])
    }
    expect(nivrel(['analyze', 'nowhere.json']).status).toBe(1)
    expect(nivrel(['--lang', 'en', 'analyze', '-'], WORKED[0] as string).status).toBe(0)
    expect(nivrel(['--help'])).toMatchObject({ status: 0, stdout: expect.stringContaining('variants') })
  })

  it('stands in for two scales, on a bad cable too: what is read is what the stance says', () => {
    const stance = WORKED[0] as string
    const args = ['simulate', 'scales', '--stance', '-', '--seconds', '20', '--seed', '5', '--bad', 'yes']
    const { stdout, status } = nivrel(args, stance)
    expect(status).toBe(0)
    const { readings, wrong } = readReadings(stdout)
    expect(wrong).toEqual([])
    const { loadLeft, sd } = calcSplit(putInOrder(readings as ReadingOf<'scales'>[]).readings)
    expect(Math.abs(loadLeft - JSON.parse(stance).stance.loadLeftPct / 100)).toBeLessThan(2 * sd)
    expect(nivrel(['simulate', 'teapot']).status).toBe(2)
  })

  it('prints any stance, of whatever posture, as a PDF; not as anything else', () => {
    const verdicts = WORKED.map((line) => analyseDocument(JSON.parse(line), IN_DOCUMENTS).verdict)
    const stance = JSON.parse(WORKED[verdicts.indexOf('holds')] as string)
    stance.stance.posture = 'something of our own'
    for (const as of ['tape', 'plan', 'card', 'home']) {
      const { stdout, status } = nivrel(['print', '-', '--as', as], JSON.stringify(stance))
      expect([as, status, stdout.slice(0, 5)]).toEqual([as, 0, '%PDF-'])
    }
    // What passes a limit is laid out, never sent home.
    const beyond = nivrel(['print', '-', '--as', 'home'], WORKED[verdicts.indexOf('beyond')] as string)
    expect([beyond.status, beyond.stdout]).toEqual([1, ''])
    expect(nivrel(['print', '-', '--as', 'poster'], JSON.stringify(stance)).status).toBe(2)
  })
})
