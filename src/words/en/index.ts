import balance from './balance.json'
import body from './body.json'
import changes from './changes.json'
import classes from './class.json'
import conditions from './conditions.json'
import differences from './differences.json'
import errors from './errors.json'
import fields from './fields.json'
import figures from './figures.json'
import findings from './findings.json'
import house from './house.json'
import lesson from './lesson.json'
import levels from './levels.json'
import limits from './limits.json'
import log from './log.json'
import measure from './measure.json'
import paper from './paper.json'
import path from './path.json'
import people from './people.json'
import places from './places.json'
import postures from './postures.json'
import practice from './practice.json'
import readings from './readings.json'
import reasons from './reasons.json'
import records from './records.json'
import repertoire from './repertoire.json'
import routines from './routines.json'
import safer from './safer.json'
import { screens } from './screens'
import tests from './tests.json'
import today from './today.json'
import variants from './variants.json'
import walkers from './walkers.json'
import watch from './watch.json'

/** Every message in English, by topic: what other languages are read against. */
export const en = {
  lesson,
  log,
  practice,
  measure,
  paper,
  readings,
  path,
  people,
  places,
  differences,
  class: classes,
  balance,
  body,
  changes,
  conditions,
  errors,
  fields,
  figures,
  findings,
  house,
  levels,
  limits,
  postures,
  reasons,
  records,
  repertoire,
  today,
  routines,
  safer,
  screens,
  tests,
  variants,
  walkers,
  watch,
}
