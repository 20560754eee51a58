// npm run bench: medians and ratios against a named reference in the same run. Nothing here is a test.
import { spawn } from 'node:child_process'
import { bin, build, bundle, ENV, install, prepare, ROOT, run, say } from './steps.mjs'

install()
for (const part of ['core', 'class', 'path', 'path-pool', 'lesson', 'paper'])
  run(process.execPath, [await bundle(`import "./bench/${part}"`, `bench-${part}.mjs`)])

await build()
const PORT = '4178'
process.env.NIVREL_DATABASE_URL = 'file:test-results/bench.db'
ENV.NIVREL_DATABASE_URL = process.env.NIVREL_DATABASE_URL
prepare('--demo', '--fresh')
const server = spawn(bin('next'), ['start', '-H', '127.0.0.1', '-p', PORT], { cwd: ROOT, env: ENV, stdio: 'ignore' })
await new Promise((resolve) => setTimeout(resolve, 3000))
const { measureDrag } = await import('../bench/drag.mjs')
const { median, p95, after200, after2000, after4000, sent } = await measureDrag(`http://127.0.0.1:${PORT}/`)
const { measureWalk } = await import('../bench/walk.mjs')
const walked = await measureWalk(`http://127.0.0.1:${PORT}`)
const { fillLog, timePage } = await import('../bench/log.mjs')
const base = `http://127.0.0.1:${PORT}`
const SIXTEEN = 16
const everybody = await (await fetch(`${base}/api/people`)).json()
const pupils = everybody.slice(0, SIXTEEN).map(({ record }) => record.name)
const lastDay = await fillLog(base, 'Slack Tide', pupils)
const door = await timePage(`${base}/log?group=slack-tide&day=${lastDay}`)
const weeks = await timePage(`${base}/log?person=isolde-farrant`)
const { measureStream } = await import('../bench/stream.mjs')
const streamed = await measureStream(base)
const { makeRecord, measurePeople } = await import('../bench/people.mjs')
const { fill, measurePages } = await import('../bench/pages.mjs')
const { painted, rows, longest, fitted } = await measurePeople(`http://127.0.0.1:${PORT}`)
const url = `http://127.0.0.1:${PORT}`
for (const count of [500, 5000]) {
  await fill(url, count, makeRecord)
  const { pages, crowd } = await measurePages(url)
  for (const { page, first, alone } of pages)
    say(
      `${count} people: ${page.padEnd(10)} ${alone.toFixed(0).padStart(6)} ms, the first time ${first.toFixed(0)} ms (wanted: ${count === 500 ? '500' : '2,000'} or less)`,
    )
  say(`${count} people: 50 clients at once       p50 ${(crowd / 1000).toFixed(2)} s`)
}
server.kill()
say(
  `500 people: first rows painted after    ${painted.toFixed(0)} ms (wanted: 1,000 or less); ${rows} rows, none blank; longest frame while scrolling ${longest.toFixed(0)} ms`,
)
say(
  `16 people in the pool of workers         ${(fitted / 1000).toFixed(2)} s from the choice to the lanes, own forms included`,
)
say(
  `dragging a foot: scripting a move      ${median.toFixed(1)} ms median, ${p95.toFixed(1)} ms at the 95th percentile`,
)
const mb = (bytes) => (bytes / 1e6).toFixed(1)
const withoutCode = ({ all, code }) => all - code
say(
  `heap after 200 and 2,000 moves         ${mb(after200.all)} MB, ${mb(after2000.all)} MB (${(after2000.all / after200.all).toFixed(2)} ×); without compiled code ${(withoutCode(after2000) / withoutCode(after200)).toFixed(2)} ×; after 4,000 ${(after4000.all / after2000.all).toFixed(2)} × that after 2,000`,
)
say(
  `the log with three years of history     ${door.toFixed(0)} ms for a day at the door, ${weeks.toFixed(0)} ms for a person's weeks (wanted: 300 or less)`,
)
const total = sent.reduce((sum, { bytes }) => sum + bytes, 0)
const largest = Math.max(...sent.map(({ bytes }) => bytes))
say(
  `JavaScript sent compressed             ${((total - largest) / 1000).toFixed(0)} kB, and the part that turns ${(largest / 1000).toFixed(0)} kB`,
)
say(
  `playing a routine: scripting a frame    ${walked.frame.median.toFixed(1)} ms median, ${walked.frame.p95.toFixed(1)} ms at the 95th percentile (wanted: 8 or less)`,
)
say(
  `playing a routine: heap after ten rounds ${(walked.after10.all / walked.after2.all).toFixed(3)} × that after two; without compiled code ${((walked.after10.all - walked.after10.code) / (walked.after2.all - walked.after2.code)).toFixed(3)} ×`,
)
say(
  `dragging an opened step, to its verdict  ${walked.drag.median.toFixed(1)} ms median, ${walked.drag.p95.toFixed(1)} ms at the 95th percentile (wanted: 20 or less)`,
)
say(
  `the class on one path                    everybody walked as asked after ${(walked.asked / 1000).toFixed(2)} s, what helps whom after ${(walked.class / 1000).toFixed(2)} s, all ${(walked.edited / 1000).toFixed(2)} s after an edit (wanted for 16: 4 or less)`,
)
say(
  `a plate of 100 readings a second        ${streamed.frames.toFixed(0)} frames a second (${streamed.idle.toFixed(0)} before it began), the longest ${streamed.longest.toFixed(0)} ms; heap after a minute ${(streamed.end / streamed.quarter).toFixed(2)} × that after a quarter of one`,
)
