import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { InputError } from '@/core'
import { IN_DOCUMENTS } from '@/words/documents'
import { analyseDocument } from './analyse-document'
import type { AnalysisDocument } from './analysis-document'

// Stances with the answers of an independent implementation, and what counts as agreement with it:
// centre and margins 1 mm, angles 0.2°, moments 1 % or 0.1 Nm, possible split 0.3 points, uncertainties 5 %.
const read = (name: string) =>
  readFileSync(new URL(`./worked/${name}.ndjson`, import.meta.url), 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line))

const MM = 1e-3
const ANGLE = 0.2

type Numbers = { [key: string]: Numbers } | Numbers[] | number | null

/** Every number of `theirs`, with the path to it and ours beside it. */
function* pair(ours: Numbers, theirs: Numbers, path = ''): Generator<[string, number | null, number | null]> {
  if (theirs === null || typeof theirs === 'number') yield [path, ours as number | null, theirs]
  else
    for (const [key, value] of Object.entries(theirs)) {
      yield* pair((ours as Record<string, Numbers>)[key] as Numbers, value, path ? `${path}.${key}` : key)
    }
}

function expectNear(ours: unknown, theirs: unknown, within: number | ((theirs: number) => number)): void {
  for (const [path, a, b] of pair(ours as Numbers, theirs as Numbers)) {
    if (b === null || a === null) expect(a, path).toBe(b)
    else
      expect(Math.abs(a - b), `${path}: ${a}, theirs ${b}`).toBeLessThanOrEqual(
        typeof within === 'number' ? within : within(b),
      )
  }
}

const pick = (from: object, ending: RegExp): Record<string, unknown> =>
  Object.fromEntries(Object.entries(from).filter(([key]) => ending.test(key)))

// The rules beyond the model's own table are this program's: the other implementation cannot know them.
const MODEL = /^(balance|load|knee|hip\.range|hip\.limit|ankle|trunk\.lean$|trunk\.twist|back|eyes|foot\.narrow)/

const signs = (findings: AnalysisDocument['findings']) =>
  findings
    .filter(({ code }) => MODEL.test(code))
    .map(({ code, severity, where }) => `${code} ${severity} ${where.split(' ')[0]}`)
    .sort()

describe('the worked stances', () => {
  const stances = read('stances')
  const answers = read('analyses')

  it.each(stances.map((stance, i) => [i, stance.stance.posture, stance, answers[i]]))(
    '%i %s',
    (_, __, stance, theirs) => {
      const ours = analyseDocument(stance, IN_DOCUMENTS)
      expectNear(ours.joints, theirs.joints, MM)
      expectNear(ours.centreOfMassM, theirs.centreOfMassM, MM)
      expectNear(ours.heelLiftDeg, theirs.heelLiftDeg, ANGLE)
      for (const base of ['full', 'usable', 'supporting'] as const) {
        if (theirs.margins[base] === null) expect(ours.margins[base]).toBeNull()
        else expectNear(ours.margins[base], pick(theirs.margins[base], /M$/), MM)
      }
      expectNear(ours.margins.reserveM, theirs.margins.reserveM, 1e-9)
      // Outside the usable base the uncertainty need not agree.
      if (theirs.margins.usable.nearestM >= 0) {
        expectNear(ours.margins.roseM, theirs.margins.roseM, MM)
        expectNear(ours.margins.assuredM, theirs.margins.assuredM, MM)
        expectNear(ours.margins.tiltDeg, theirs.margins.tiltDeg, ANGLE)
        expectNear(ours.margins.sdM, theirs.margins.sdM, (sd) => 0.05 * sd)
      }
      expectNear(ours.centreSdM, theirs.centreSdM, (sd) => 0.05 * sd)
      expectNear(ours.load.possibleLeftPct, theirs.load.possibleLeftPct, 0.3)
      for (const side of ['left', 'right'] as const) {
        expectNear(ours.knees[side], pick(theirs.knees[side], /Deg$/), ANGLE)
        expectNear(ours.knees[side], pick(theirs.knees[side], /M$/), MM)
        expectNear(ours.knees[side], pick(theirs.knees[side], /Nm$/), (nm) => Math.max(0.1, 0.01 * Math.abs(nm)))
        expect(ours.knees[side].locked).toBe(theirs.knees[side].locked)
      }
      expectNear(ours.hips, theirs.hips, ANGLE)
      expectNear(ours.ankles, theirs.ankles, ANGLE)
      // A push is in proportion to a margin: 1 mm of it.
      const { full, usable } = theirs.margins
      expectNear(ours.push, theirs.push, (push) =>
        Math.max(0.5, (Math.abs(push) * 2 * MM) / Math.max(0.02, full.nearestM, usable.nearestM)),
      )
      expect(ours.verdict).toBe(theirs.verdict)
      expect(signs(ours.findings)).toEqual(signs(theirs.findings))
    },
  )

  const broken = read('invalid')
  const fields = read('invalid.fields')

  it.each(broken.map((doc, i) => [i, fields[i].field, doc]))('refuses broken %i at %s', (_, field, doc) => {
    const refuse = () => analyseDocument(doc, IN_DOCUMENTS)
    expect(refuse).toThrow(InputError)
    try {
      refuse()
    } catch (error) {
      expect((error as InputError).field.startsWith(field), (error as InputError).field).toBe(true)
    }
  })
})
