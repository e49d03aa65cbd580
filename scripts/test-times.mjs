// Prints what a run of ./verify spent its time on: the modules as Maven says, and the ten slowest tests.
//   node scripts/test-times.mjs SECONDS LOG…
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs'
import { basename, join } from 'node:path'

const SLOWEST = 10
const [seconds, ...logs] = process.argv.slice(2)
const began = Date.now() - (Number(seconds) + 1) * 1000

console.log(`Time: ${clock(Number(seconds))}`)
for (const log of logs) {
  const lines = readFileSync(log, 'utf8').replace(/\x1b\[[0-9;]*m/g, '')
  const total = /Total time:\s+(.*?)( \(Wall Clock\))?$/m.exec(lines)?.[1] ?? 'ended early'
  console.log(`  ${basename(log).padEnd(10)} ${total.padStart(11)}`)
  for (const [, name, , time] of lines.matchAll(
    /^\[INFO\] Able Batch: (\S+) \.+ (SUCCESS|FAILURE) \[\s*([^\]]+?)\s*\]/gm,
  )) {
    console.log(`    ${name.padEnd(8)} ${time.padStart(11)}`)
  }
}

const reports = readdirSync('.')
  .map((module) => join(module, 'target'))
  .filter((target) => existsSync(target))
  .flatMap((target) => readdirSync(target).filter(named(/-reports$/)).map(inside(target)))
  .flatMap((folder) => readdirSync(folder).filter(named(/^TEST-.*\.xml$/)).map(inside(folder)))
const tests = reports
  .filter((file) => statSync(file).mtimeMs >= began)
  .flatMap((file) => [...readFileSync(file, 'utf8').matchAll(/<testcase ([^>]*)/g)])
  .map(([, attributes]) => ({
    name: `${shortOf(attribute(attributes, 'classname'))} ${attribute(attributes, 'name')}`,
    seconds: Number(attribute(attributes, 'time').replaceAll(',', '')),
  }))
  .sort((a, b) => b.seconds - a.seconds)
console.log(`The slowest of ${tests.length} tests:`)
for (const { name, seconds: took } of tests.slice(0, SLOWEST)) {
  console.log(`  ${took.toFixed(1).padStart(6)} s  ${name}`)
}

function named(pattern) {
  return (file) => pattern.test(file)
}

function inside(folder) {
  return (file) => join(folder, file)
}

function attribute(text, name) {
  return new RegExp(`(?:^|\\s)${name}="([^"]*)"`).exec(text)?.[1] ?? ''
}

function shortOf(className) {
  return className.includes('/') ? className : className.split('.').at(-1)
}

function clock(total) {
  return `${Math.floor(total / 60)} min ${String(total % 60).padStart(2, '0')} s`
}
