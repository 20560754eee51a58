import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import * as core from '.'

const HERE = import.meta.dirname

/**
 * Who and what examples speak of: Ana, 60, of middling size; the bow and the parallel stance of the therapeutic frame;
 * the bow's measures and how it is taught; the routine from one stance to the other, its path at 20 samples a phase, its
 * only way and the first instant of it; one day in class.
 */
function setScene() {
  const ana = core.resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 60 })
  const build = (id: string) => core.buildPosture(core.postureOf(id), ana, 'therapeutic', 'left')
  const [parallel, bow] = [build('parallel'), build('bow')]
  const choices = core.SCHOOLS.therapeutic.choices
  const part = (stance: core.Stance, more: Partial<core.RoutinePart> = {}): core.RoutinePart => ({
    ...{ stance, heading: 0, seconds: 8, hold: 0, breath: 'free', choices },
    ...more,
  })
  const routine = [part(parallel), part(bow, { anchor: 'right' })]
  const path = core.makePath(ana, routine, 20)
  const stood = path.transitions[0]?.made?.transition.phases[0]?.samples[0]
  const way = { before: routine[0], parts: [routine[1]] }
  const measures = core.postureOf('bow').measures.therapeutic
  const taught = { posture: 'bow', side: 'left', keeps: ['share'] }
  const day = {
    ...{
      day: '2026-03-10',
      came: true,
      bad: false,
      whole: true,
      effort: 3,
      pain: 0,
      wobbles: 0,
      touches: 0,
      rounds: 4,
    },
    ...{ nearFall: false, dizzy: false, stopped: false, holdS: { left: 6, right: 8 } },
  }
  return { ...core, ana, bow, parallel, measures, taught, day, routine, path, way, stood }
}

const scene = setScene()
const read = (expression: string): unknown =>
  new Function(...Object.keys(scene), `return (${expression})`)(...Object.values(scene))

/** Each example of each function: the call, and what comes of it. */
const EXAMPLES = readdirSync(HERE, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts') && !/\.test[.-]/.test(file))
  .flatMap((file) => {
    const source = readFileSync(join(HERE, file), 'utf8')
    return [...source.matchAll(/\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*export (?:function\*?|const) (\w+)/g)].flatMap(
      ([, comment = '', name = '']) =>
        [...comment.matchAll(/@example (.+?) \/\/ => (.+)/g)].map(([, call = '', comes = '']) => ({
          name,
          call,
          comes,
        })),
    )
  })

/** As many decimals as are written, the fewest of several figures; a whole number is whole. */
const WHOLE = 9
const decimalsOf = (written: string): number =>
  Math.min(WHOLE, ...[...written.matchAll(/\d\.(\d+)/g)].map(([, decimals = '']) => decimals.length))

function expectSame(found: unknown, wanted: unknown, decimals: number, call: string): void {
  if (typeof wanted === 'number') expect(found, call).toBeCloseTo(wanted, decimals)
  else if (typeof wanted !== 'object' || wanted === null) expect(found, call).toBe(wanted)
  else {
    expect(Object.keys(found as object), call).toEqual(Object.keys(wanted))
    for (const [key, value] of Object.entries(wanted)) expectSame(found?.[key as never], value, decimals, call)
  }
}

describe('what stands in the comments of the core', () => {
  it.each(EXAMPLES)('$call // => $comes', ({ call, comes }) => {
    expectSame(read(call), read(comes), decimalsOf(comes), call)
  })

  it('has an example for every function of its door', () => {
    const doors = Object.entries(core).filter(([, one]) => typeof one === 'function' && !/^class/.test(String(one)))
    const shown = new Set(EXAMPLES.map(({ name }) => name))
    expect(doors.map(([name]) => name).filter((name) => !shown.has(name))).toEqual([])
  })
})
