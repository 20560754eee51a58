import { createReadStream } from 'node:fs'
import { createInterface } from 'node:readline'
import { now } from '@/clock'
import { InputError } from '@/core'
import { analyseDocument } from '@/documents/analyse-document'
import { dayOf } from '@/documents/day'
import { toErrorDocument } from '@/documents/error-document'
import { fitDocument } from '@/documents/fit-document'
import { findLanguage, LANGUAGES } from '@/documents/languages'
import { readLogCsv } from '@/documents/log-csv'
import { logDocument } from '@/documents/log-document'
import { parse, parseJson } from '@/documents/parse'
import { pathDocument, SAMPLES_LEAST, SAMPLES_MOST } from '@/documents/path-document'
import { mergeLibrary } from '@/documents/posture-document'
import { repertoireDocument } from '@/documents/repertoire-document'
import { variantsDocument } from '@/documents/variants-document'
import { readPerson } from '@/records/person-of'
import { decisionsDocument } from '@/words/decisions'
import { documentWords } from '@/words/documents'
import { sayRefused } from '@/words/errors'
import type { Words } from '@/words/language'
import { wordsIn } from '@/words/languages'
import { print, RefusedError, readDocument, readText, takeFile, takeOption, takeWhole, UsageError } from './options'
import { printSheets } from './print'
import { simulate } from './simulate'

const HELP = `Nivrel: how near the edge a stance is, and the smallest change that makes it safer.

  npm run -s nivrel -- analyze FILE             one nivrel.stance/1 document in, its nivrel.analysis/1 out
  npm run -s nivrel -- analyze --ndjson FILE    one stance a line in, one analysis a line out, in order
  npm run -s nivrel -- analyze --way-in FILE    also how one comes to it from standing parallel, and back
  npm run -s nivrel -- variants FILE [--most N]  the safer variants of a stance, as nivrel.variants/1
  npm run -s nivrel -- repertoire FILE [--posture ID] [--school ID] [--way-in]
                                                what somebody (a person or a stance) can do of the library, as nivrel.repertoire/1
  npm run -s nivrel -- fit FILE                 a class and a posture (nivrel.fit-request/1) in, its levels out (nivrel.fit/1)
  npm run -s nivrel -- path FILE [--samples N] [--person FILE]
                                                a nivrel.routine/1 worked out for a person, as nivrel.path/1
  npm run -s nivrel -- log FILE [--on DAY]      the decisions for a nivrel.log/1 (or its list as CSV), as nivrel.decisions/1

  npm run -s nivrel -- simulate scales|plate|level|board [--person FILE] [--stance FILE] [--seed N] [--seconds N]
                  [--shift PCT] [--wobble SECONDS] [--bad yes] [--to URL]
                                                a stand-in for a device: nivrel.readings/1, one reading a line
  npm run -s nivrel -- print FILE --as tape|plan|card|home|path [--size a4|letter] [--unit UNIT] [--person FILE] > out.pdf
                                                a stance on paper, at true size or as a card; a routine's numbered prints
  npm run -s nivrel -- print --from URL --as class|log|lesson|clinician|card|… [--group ID] [--person ID] [--posture ID]
                  [--routine ID] [--day DAY] [--of N] [--counts N] [--hold SECONDS] [--size a4|letter] [--unit UNIT] > out.pdf
                                                the sheets that a running Nivrel makes of what it keeps

With --lang CODE what is said is said in another language, where there is one; keys and codes stay.
FILE may be - for standard input. Exit status: 0 done, 1 bad input, 2 wrong use. See docs/formats.md.`

type Verb = (args: string[], words: Words) => Promise<void>

const VERBS: Record<string, Verb> = { analyze, variants, repertoire, fit, path, log, simulate, print: printSheets }

async function main(args: string[], words: Words): Promise<void> {
  const [verb, ...rest] = args
  if (verb === '--help' || verb === '-h') return print(HELP)
  const run = verb !== undefined && Object.hasOwn(VERBS, verb) ? VERBS[verb] : undefined
  if (!run) throw new UsageError(verb ? `there is no verb "${verb}"` : 'a verb is missing')
  await run(rest, words)
}

/** What was asked, and in which language it is answered. */
function takeLanguage(args: string[]): { words: Words; rest: string[] } {
  const { value = 'en', rest } = takeOption(args, '--lang')
  const language = findLanguage(value)
  if (!language) throw new UsageError(`--lang takes ${LANGUAGES.join(', ')}`)
  return { words: wordsIn(language), rest }
}

async function analyze(args: string[], words: Words): Promise<void> {
  const [lines, wayIn] = [args.includes('--ndjson'), args.includes('--way-in')]
  const file = takeFile(args.filter((a) => a !== '--ndjson' && a !== '--way-in'))
  if (!lines)
    return print(JSON.stringify(analyseDocument(readDocument(file), documentWords(words), { wayIn }), null, 2))
  const input = file === '-' ? process.stdin : createReadStream(file)
  input.on('error', (error: unknown) => fail(error, words))
  for await (const line of createInterface({ input, crlfDelay: Number.POSITIVE_INFINITY })) {
    if (line.trim() !== '') await print(JSON.stringify(analyseLine(line, wayIn, words)))
  }
}

async function variants(args: string[], words: Words): Promise<void> {
  const { value, rest } = takeOption(args, '--most')
  const most = takeWhole('--most', value, 1, Number.POSITIVE_INFINITY)
  await print(JSON.stringify(variantsDocument(readDocument(takeFile(rest)), documentWords(words), most), null, 2))
}

async function repertoire(args: string[], words: Words): Promise<void> {
  const wayIn = args.includes('--way-in')
  const posture = takeOption(
    args.filter((one) => one !== '--way-in'),
    '--posture',
  )
  const school = takeOption(posture.rest, '--school')
  const person = readPerson(readDocument(takeFile(school.rest)), dayOf(now()))
  const asked = { posture: posture.value, school: school.value, wayIn }
  await print(JSON.stringify(repertoireDocument(person, mergeLibrary([]), documentWords(words), asked), null, 2))
}

async function path(args: string[], words: Words): Promise<void> {
  const sampled = takeOption(args, '--samples')
  const samples = takeWhole('--samples', sampled.value, SAMPLES_LEAST, SAMPLES_MOST)
  const { value, rest } = takeOption(sampled.rest, '--person')
  const person = value === undefined ? undefined : readPerson(readDocument(value), dayOf(now()))
  await print(JSON.stringify(pathDocument(readDocument(takeFile(rest)), documentWords(words), samples, person)))
}

/** What next week is, for everybody of a log, by the house's defaults: with the reasons, and what a clinician should hear. */
async function log(args: string[], words: Words): Promise<void> {
  const { value, rest } = takeOption(args, '--on')
  if (value !== undefined && !/^\d{4}-\d{2}-\d{2}$/.test(value)) throw new UsageError('--on takes a day, YYYY-MM-DD')
  const text = readText(takeFile(rest))
  const document = text.trimStart().startsWith('{') ? parse(logDocument, parseJson(text)) : readLogCsv(text)
  await print(JSON.stringify(decisionsDocument(document, value ?? dayOf(now()), words), null, 2))
}

async function fit(args: string[], words: Words): Promise<void> {
  await print(JSON.stringify(fitDocument(readDocument(takeFile(args)), documentWords(words)), null, 2))
}

/** A bad line answers in its place and doesn't stop the rest. */
function analyseLine(line: string, wayIn: boolean, words: Words): unknown {
  try {
    return analyseDocument(parseJson(line), documentWords(words), { wayIn })
  } catch (error) {
    if (error instanceof InputError) return toErrorDocument(error, documentWords(words))
    throw error
  }
}

function fail(error: unknown, words: Words): never {
  const known = [InputError, UsageError, RefusedError].some((kind) => error instanceof kind) || isFileError(error)
  if (!known) throw error
  process.stderr.write(
    `${error instanceof InputError ? sayRefused(error, words) : (error as Error).message}${error instanceof UsageError ? ' (--help lists what there is)' : ''}\n`,
  )
  process.exit(error instanceof UsageError ? 2 : 1)
}

const isFileError = (error: unknown): boolean =>
  error instanceof Error && ['ENOENT', 'EACCES', 'EISDIR'].includes((error as NodeJS.ErrnoException).code ?? '')

// A reader that stops early (head, a closed pager) is not an error.
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1))

async function run(args: string[]): Promise<void> {
  let words = wordsIn('en')
  try {
    const taken = takeLanguage(args)
    words = taken.words
    await main(taken.rest, words)
  } catch (error) {
    fail(error, words)
  }
}

run(process.argv.slice(2))
